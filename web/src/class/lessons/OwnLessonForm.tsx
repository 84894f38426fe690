import type { NewLesson as Body, OwnLesson } from '@bent-pail/contract';
import type { ReactElement } from 'react';
import { useNavigate } from 'react-router';
import { v7 as uuidv7 } from 'uuid';
import { Button } from '../../kit/Button';
import { api } from '../../shared/api';
import { BodyForm } from '../../shared/forms/BodyForm';
import { LongTextField, TextField } from '../../shared/forms/fields';
import { Mistyped, typedNumber } from '../../shared/forms/Mistyped';
import { useBodyForm } from '../../shared/forms/useBodyForm';
import { queryClient } from '../../shared/resources/client';
import { lessonsQuery } from '../../shared/resources/classes';
import type { LessonShown } from './lessonShown';

interface OwnLessonFormProps {
  readonly lesson: LessonShown;
  readonly onLeave: () => void;
}

/** A question and its answer a line, parted by the question mark. */
function questionsIn(text: string): Body['questions'] {
  return text
    .split('\n')
    .map((line) => line.trim())
    .filter((line) => line !== '')
    .map((line) => {
      const end = line.indexOf('?') + 1;
      const [ask, answer] = [line.slice(0, end).trim(), line.slice(end).trim()];
      if (end === 0 || answer === '')
        throw new Mistyped(
          'questions',
          `Write the question, a question mark, then what a good answer says: “${line}”.`,
        );
      return { ask, answer };
    });
}

/** The same sheet with a title, an aim and questions of one's own. */
export function OwnLessonForm({ lesson, onLeave }: OwnLessonFormProps): ReactElement {
  const navigate = useNavigate();
  const form = useBodyForm({
    body: 'NewLesson',
    draft: `lesson-${lesson.key}`,
    start: {
      title: lesson.title,
      aim: lesson.aim,
      minutes: String(lesson.minutes),
      repeats: String(lesson.repeats),
      questions: lesson.questions.map(({ ask, answer }) => `${ask} ${answer}`).join('\n'),
    },
    read: (typed): Body => ({
      id: uuidv7(),
      from: lesson.key,
      title: typed.title,
      aim: typed.aim,
      minutes: typedNumber(typed.minutes, 'minutes'),
      repeats: typedNumber(typed.repeats, 'repeats'),
      questions: questionsIn(typed.questions),
    }),
    send: async (said) => {
      const lessons = await api.post<readonly OwnLesson[]>('/lessons', said);
      return { lessons, key: said.id };
    },
    onKept: ({ lessons, key }) => {
      queryClient.setQueryData(lessonsQuery.queryKey, lessons);
      void navigate(`/class/lessons/${key}`);
    },
  });
  return (
    <BodyForm
      form={form}
      label="A lesson of your own"
      className="flex flex-wrap items-end gap-4 border-b-[3px] border-ink bg-paper px-5 py-4"
    >
      <TextField name="title" label="Title" className="w-72" />
      <TextField name="minutes" label="Takes, min" mode="numeric" className="w-28" />
      <TextField name="repeats" label="Times that each measures" mode="numeric" className="w-44" />
      <TextField name="aim" label="Aim" className="basis-full" />
      <div className="basis-full">
        <LongTextField name="questions" label="Questions, each with its answer, a line each" rows={6} />
      </div>
      <Button type="submit" look="act" disabled={form.isBusy}>
        Keep the lesson
      </Button>
      <Button look="tie" onClick={onLeave}>
        Leave it
      </Button>
      <p className="basis-full text-small text-ink2">
        The steps stay those of the lesson that it is made from; words, time and questions are yours.
      </p>
    </BodyForm>
  );
}
