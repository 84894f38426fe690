import type { ClassPage } from '@bent-pail/contract';
import { stepsFor } from '@bent-pail/core';
import { useQuery } from '@tanstack/react-query';
import type { ReactElement } from 'react';
import { useParams } from 'react-router';
import { Await } from '../../shared/Await';
import { CAUTIONS } from '../../shared/cautions';
import { OwnPage } from '../../shared/ManyOnPaper';
import { OnPaper } from '../../shared/OnPaper';
import { Qr } from '../../shared/Qr';
import { classQuery } from '../../shared/resources/classes';
import { mySign, told } from '../../shared/units/mine';
import { sheetOfClass } from '../classView';

/** A slip for each group: how it comes in, its sheet to write on, the questions. */
export function SlipsPage(): ReactElement {
  const { id = '' } = useParams();
  const query = useQuery(classQuery(id));
  return (
    <Await query={query}>
      {(page) => (
        <OnPaper back={`/class/${id}`} backWords="Back to the class" label={`Slips for ${page.name}`}>
          {page.groups.map(({ id: groupId, number }) => (
            <OwnPage key={groupId} label={`Group ${String(number)}`}>
              <Slip page={page} number={number} />
            </OwnPage>
          ))}
        </OnPaper>
      )}
    </Await>
  );
}

interface SlipProps {
  readonly page: ClassPage;
  readonly number: number;
}

function Slip({ page, number }: SlipProps): ReactElement {
  const sheet = sheetOfClass(page);
  const { plan, samples, code } = page;
  const times = Array.from({ length: plan.repeats }, (_, i) => i);
  return (
    <>
      <header>
        <div>
          <h1>
            Group {number}: {plan.title}
          </h1>
          <p>{plan.aim}</p>
          {code !== undefined && (
            <p>
              Come in with a phone, or type <b translate="no">{code}</b> and choose group {number}. No account, no name.
            </p>
          )}
          <p className="paper-caution">
            {CAUTIONS.pupils.title}. {CAUTIONS.pupils.short}
          </p>
        </div>
        {code !== undefined && <Qr page={`/join/${code}`} size={110} />}
      </header>
      {samples.map((sample) => (
        <table key={sample.id}>
          <thead>
            <tr>
              <th scope="col">Sample {sample.code}</th>
              {times.map((i) => (
                <th key={i} scope="col">
                  {plan.repeats === 1 ? 'Value' : `Time ${String(i + 1)}`}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {sheet.figures
              .filter(({ guess }) => guess !== undefined)
              .map(({ key, label, unit }) => (
                <tr key={key}>
                  <th scope="row">
                    Guess first: {label}
                    {unit === '' ? '' : `, ${unit === '%' ? unit : mySign(unit)}`}, give or take
                  </th>
                  <td colSpan={plan.repeats}>±</td>
                </tr>
              ))}
            {stepsFor(sheet, page.pot?.volume_mL).map((step) => (
              <tr key={step.key}>
                <th scope="row">
                  <b>{step.label}</b>
                  {step.unit === '' || step.kind === 'time' ? '' : `, ${mySign(step.unit)}`}
                  <small>{told(step.say)}</small>
                  {step.caution !== undefined && (
                    <small className="paper-caution">{told(CAUTIONS[step.caution].short)}</small>
                  )}
                </th>
                {times.map((i) => (
                  <td key={i} />
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      ))}
      <ol className="ml-5 list-decimal">
        {plan.questions.map(({ ask }) => (
          <li key={ask}>{ask}</li>
        ))}
      </ol>
    </>
  );
}
