import type { ReactElement } from 'react';
import { Rows } from '../../kit/Rows';
import { TABLE_ENDINGS, TABLE_WORDS } from '../../shared/lists/tableWords';

const LINK = 'inline-flex min-h-11 items-center font-semibold underline underline-offset-3';

/** The notebook as a file, and its tables. */
export function TakeAway({ isLead }: { readonly isLead: boolean }): ReactElement {
  return (
    <section aria-label="Take it away">
      <h2>Take it away</h2>
      {isLead && (
        <>
          <p>
            Everything, by{' '}
            <a className="underline" href="/api/notebook-file/schema.json">
              a published schema
            </a>
            : whoever has it can read all of it, so keep it safe. Passwords, keys and sheets that are not revealed stay
            here; a backup holds them.
          </p>
          <ul className="my-2">
            <li>
              <a className={LINK} href="/api/notebook-file/notebook.zip" download>
                The whole notebook, ZIP
              </a>{' '}
              <span className="text-small text-ink2">one JSON file, photos beside it</span>
            </li>
            <li>
              <a className={LINK} href="/api/notebook-file/notebook.json" download>
                The whole notebook, JSON
              </a>{' '}
              <span className="text-small text-ink2">photos inside</span>
            </li>
          </ul>
        </>
      )}
      <p>
        Tables for a spreadsheet, in the units that you read:{' '}
        <a className={LINK} href="/api/exports/tables.xlsx" download>
          all in one workbook
        </a>
      </p>
      <Rows className="mt-1">
        <tbody>
          {Object.entries(TABLE_WORDS).map(([name, words]) => (
            <tr key={name}>
              <th scope="row">{words}</th>
              <td className="w-32 text-left">
                {TABLE_ENDINGS.map(([ending, said]) => (
                  <a
                    key={ending}
                    className={`${LINK} mr-4`}
                    href={`/api/exports/${name}.${ending}`}
                    aria-label={`${words}, ${said}`}
                    download
                  >
                    {said}
                  </a>
                ))}
              </td>
            </tr>
          ))}
        </tbody>
      </Rows>
    </section>
  );
}
