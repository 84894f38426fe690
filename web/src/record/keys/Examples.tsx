import type { ReactElement } from 'react';
import { Sideways } from '../../kit/Sideways';

const HOME = (): string => location.origin;

const CURL = (home: string): string => `# the newest lots, as JSON
curl -H "Authorization: Bearer $KEY" \\
  "${home}/api/lots?limit=20"

# a weight for the diary of a pot; the same id again changes nothing
curl -X POST -H "Authorization: Bearer $KEY" \\
  -H "Content-Type: application/json" \\
  -d '{"id": "'$(uuidgen)'", "kind": "weighed",
       "at": "'$(date -u +%FT%TZ)'", "mass_g": 8790}' \\
  "${home}/api/pots/POT/diary"`;

const PYTHON = (home: string): string => `import csv, io, os, urllib.request

ask = urllib.request.Request(
    "${home}/api/exports/cards.csv?units=metric",
    headers={"Authorization": "Bearer " + os.environ["KEY"]})
with urllib.request.urlopen(ask) as answer:
    text = answer.read().decode("utf-8-sig")
rows = csv.DictReader(io.StringIO(text))
for row in rows:
    if row["property"] == "Air space":
        print(row["lot"], row["mean"], row["unit"])`;

const R = (home: string): string => `library(httr2)
cards <- request("${home}/api/exports/cards.csv?units=metric") |>
  req_auth_bearer_token(Sys.getenv("KEY")) |>
  req_perform() |> resp_body_string() |>
  textConnection() |> read.csv()`;

const SHEET = (home: string): string => `let
  key = "bentpail_...",
  file = Web.Contents("${home}/api/exports/cards.csv",
    [Headers = [Authorization = "Bearer " & key]])
in
  Table.PromoteHeaders(Csv.Document(file, [Encoding = 65001]))`;

/** The same question asked by the tools that people have. */
const EXAMPLES: readonly { readonly title: string; readonly text: (home: string) => string }[] = [
  { title: 'In a shell, with curl', text: CURL },
  { title: 'In Python, with what it comes with', text: PYTHON },
  { title: 'In R', text: R },
  { title: 'In a spreadsheet, as a query', text: SHEET },
];

/** How a key is used. */
export const Examples = (): ReactElement => (
  <section aria-label="How it is used">
    <h2>How it is used</h2>
    <p className="text-small">
      Keep the key where your script finds it, as{' '}
      <code className="figure" translate="no">
        KEY
      </code>{' '}
      in its environment. Ids are UUIDs that your script makes.
    </p>
    {EXAMPLES.map(({ title, text }) => (
      <figure key={title} className="mt-3">
        <figcaption className="font-semibold">{title}</figcaption>
        <Sideways label={title} className="mt-1 border-l-[3px] border-ink bg-zinc1 p-3">
          <pre className="figure text-note" translate="no">
            {text(HOME())}
          </pre>
        </Sideways>
      </figure>
    ))}
  </section>
);
