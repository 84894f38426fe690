import { queryOptions, useQuery } from '@tanstack/react-query';
import { useState, type ReactElement } from 'react';
import { ButtonLink } from '../../kit/Button';
import { Rows } from '../../kit/Rows';
import { Sideways } from '../../kit/Sideways';
import { api } from '../../shared/api';
import { Await } from '../../shared/Await';
import { ListBar } from '../../shared/lists/ListBar';
import { useAsked } from '../../shared/lists/useAsked';
import { TitleBlock } from '../../shared/TitleBlock';
import { fieldsOf, linesOf, typeSaid, type ApiDocument, type ApiLine } from './apiDocument';

const documentQuery = queryOptions({
  queryKey: ['openapi'],
  queryFn: () => api.get<ApiDocument>('/openapi.json'),
  staleTime: Infinity,
});

/** Every route, what it takes and whom it is for, as the server itself tells of them. */
export function ApiPage(): ReactElement {
  const query = useQuery(documentQuery);
  return (
    <main>
      <TitleBlock
        title="What scripts may ask"
        line="Every address of this notebook, made from the code that guards it. A refusal is a sentence with the field that it is about."
      >
        <ButtonLink to="/record/keys">Keys for scripts</ButtonLink>
      </TitleBlock>
      <p className="px-5 pt-3">
        <a
          className="inline-flex min-h-11 items-center font-semibold underline underline-offset-3"
          href="/api/openapi.json"
          download="bent-pail-openapi.json"
        >
          The same as an OpenAPI 3.1 document
        </a>
      </p>
      <Await query={query}>{(document) => <Routes document={document} />}</Await>
    </main>
  );
}

function Routes({ document }: { readonly document: ApiDocument }): ReactElement {
  const [{ find = '' }, ask] = useAsked(['find']);
  const lines = linesOf(document).filter(({ key }) => key.toLowerCase().includes(find.trim().toLowerCase()));
  const tags = [...new Set(lines.map(({ tag }) => tag))];
  return (
    <>
      <ListBar
        find={find}
        placeholder="readings, post, pots"
        onFind={(text) => {
          ask('find', text);
        }}
      />
      <div className="px-5 py-3">
        {tags.map((tag) => (
          <section key={tag} className="mb-5">
            <h2 translate="no">{tag}</h2>
            <ul>
              {lines
                .filter((line) => line.tag === tag)
                .map((line) => (
                  <li key={line.key} className="border-b border-zinc2">
                    <Route line={line} schemas={document.components.schemas} />
                  </li>
                ))}
            </ul>
          </section>
        ))}
      </div>
    </>
  );
}

interface RouteProps {
  readonly line: ApiLine;
  readonly schemas: ApiDocument['components']['schemas'];
}

function Route({ line: { method, path, who, operation }, schemas }: RouteProps): ReactElement {
  const [isOpen, setOpen] = useState(false);
  const asked = operation.parameters.filter((one) => one.in === 'query');
  const body = operation.requestBody?.content['application/json'].schema;
  const rows = [
    ...asked.map(({ name, schema, required }) => ({ name: `?${name}`, type: typeSaid(schema), isNeeded: required })),
    ...(body === undefined ? [] : fieldsOf(body, schemas)),
  ];
  const head = (
    <>
      <b className="figure inline-block w-16" translate="no">
        {method}
      </b>{' '}
      <span className="figure wrap-anywhere" translate="no">
        {path}
      </span>
    </>
  );
  return (
    <>
      {rows.length === 0 ? (
        <p className="flex min-h-11 flex-wrap items-center gap-x-4">
          <span>{head}</span> <small className="text-ink2">{who}</small>
        </p>
      ) : (
        <button
          type="button"
          aria-expanded={isOpen}
          className="flex min-h-11 w-full flex-wrap items-center gap-x-4 text-left"
          onClick={() => {
            setOpen(!isOpen);
          }}
        >
          <span className="underline decoration-dotted underline-offset-3">{head}</span>
          <small className="text-ink2">{who}</small>
        </button>
      )}
      {isOpen && (
        <Sideways label={`What ${method} ${path} takes`} className="mb-3 ml-4">
          <Rows>
            <tbody>
              {rows.map(({ name, type, isNeeded }) => (
                <tr key={name}>
                  <th scope="row" className="figure" translate="no">
                    {name}
                  </th>
                  <td className="text-left" translate="no">
                    {type}
                  </td>
                  <td className="text-left text-ink2">{isNeeded ? 'needed' : ''}</td>
                </tr>
              ))}
            </tbody>
          </Rows>
        </Sideways>
      )}
    </>
  );
}
