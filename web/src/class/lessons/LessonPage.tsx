import { pupilSheetCalled } from '@bent-pail/core';
import { useQuery } from '@tanstack/react-query';
import { useState, type ReactElement } from 'react';
import { useParams } from 'react-router';
import { Button, ButtonLink } from '../../kit/Button';
import { counted } from '../../kit/format';
import { Await } from '../../shared/Await';
import { CautionStrip } from '../../shared/CautionStrip';
import { NotThere } from '../../shared/NotThere';
import { lessonsQuery } from '../../shared/resources/classes';
import { StepPicture } from '../../shared/StepPicture';
import { TitleBlock } from '../../shared/TitleBlock';
import { told } from '../../shared/units/mine';
import { useWorks } from '../../shared/useSession';
import { lessonFor, type LessonShown } from './lessonShown';
import { OwnLessonForm } from './OwnLessonForm';

/** A lesson as it is read before the class: aim, what to have ready, cautions, the sheet, the questions with their key. */
export function LessonPage(): ReactElement {
  const { key = '' } = useParams();
  const query = useQuery(lessonsQuery);
  return (
    <Await query={query}>
      {(own) => {
        const lesson = lessonFor(key, own);
        return lesson === undefined ? (
          <NotThere says="There is no such lesson." on={{ to: '/class', name: 'All lessons' }} />
        ) : (
          <Lesson key={key} lesson={lesson} />
        );
      }}
    </Await>
  );
}

function Lesson({ lesson }: { readonly lesson: LessonShown }): ReactElement {
  const works = useWorks();
  const [isWriting, setWriting] = useState(false);
  const { key, title, aim, minutes, repeats, materials, cautions, questions, by } = lesson;
  const sheet = pupilSheetCalled(lesson.sheet);
  return (
    <main>
      <TitleBlock
        title={title}
        line={aim}
        cells={[
          { term: 'Takes', value: `${String(minutes)} min` },
          { term: 'Each group measures', value: counted(repeats, 'time', 'times') },
          ...(by === undefined ? [] : [{ term: 'By', value: by }]),
        ]}
      >
        {works && !isWriting && (
          <Button
            onClick={() => {
              setWriting(true);
            }}
          >
            Make your own of it
          </Button>
        )}
        {works && (
          <ButtonLink look="act" to={`/class?begin=${key}`}>
            Begin a class
          </ButtonLink>
        )}
      </TitleBlock>
      {isWriting && (
        <OwnLessonForm
          lesson={lesson}
          onLeave={() => {
            setWriting(false);
          }}
        />
      )}
      {cautions.map((caution) => (
        <CautionStrip key={caution} caution={caution} />
      ))}
      <div className="grid grid-cols-[minmax(0,1fr)] gap-8 px-5 py-4 min-[1000px]:grid-cols-[minmax(0,1fr)_minmax(0,1.2fr)]">
        <div className="flex flex-col gap-5">
          <section>
            <h2>Have ready</h2>
            <ul className="ml-5 list-disc">
              {materials.map((thing) => (
                <li key={thing}>{thing}</li>
              ))}
            </ul>
          </section>
          <section>
            <h2>Questions, and what a good answer says</h2>
            <ol className="ml-5 list-decimal">
              {questions.map(({ ask, answer }) => (
                <li key={ask} className="py-1">
                  <b>{ask}</b> <span className="text-ink2">{answer}</span>
                </li>
              ))}
            </ol>
            <p className="text-small text-ink2">
              With what the class and the bench measured, they stand on its report.
            </p>
          </section>
        </div>
        <section>
          <h2>What each group does</h2>
          <ol>
            {sheet?.steps.map((step) => (
              <li key={step.key} className="flex gap-4 border-b border-zinc2 py-2">
                <StepPicture picture={step.picture} width={64} />
                <div>
                  <b>{step.label}</b>
                  <p className="text-small">{told(step.say)}</p>
                  <p className="text-small text-ink2">{told(step.why)}</p>
                </div>
              </li>
            ))}
          </ol>
        </section>
      </div>
    </main>
  );
}
