import type { ClassPage } from '@bent-pail/contract';
import { newId, Writer, type Kind } from './writer';

/** A writer with what it writes. */
export interface AtWork {
  readonly writer: Writer;
  readonly kind: Kind;
}

const LEAD = 'Isla Brandreth';
const TESTER = 'Tam Oswin';
const PANELLIST = 'Wyn Harker';

async function signedIn(url: string, name: string): Promise<Writer> {
  const writer = new Writer(url);
  await writer.signIn(name);
  return writer;
}

/** A lot with an open sheet of pH; what is written there are readings. */
async function sheet(lead: Writer, url: string): Promise<AtWork & { readonly lotId: string }> {
  const [materialId, lotId, runId] = [newId(), newId(), newId()];
  const name = `Bark ${materialId.slice(0, 6)}`;
  await lead.tell('POST', '/quick-start', { name, protocol: 'ph-1to5', runId, materialId, lotId });
  return {
    lotId,
    writer: await signedIn(url, TESTER),
    kind: {
      name: 'readings',
      kept: `select id from readings where run_id = '${runId}'`,
      next: (n, now) => {
        const id = newId();
        const body = { id, replicate: 0, step: 'pH', value: 1 + (n % 1000) / 100, takenAt: now };
        return { id, method: 'POST', address: `/runs/${runId}/readings`, body };
      },
    },
  };
}

async function pot(lead: Writer, url: string, lotId: string): Promise<AtWork> {
  const potId = newId();
  await lead.tell('POST', '/pots', {
    id: potId,
    name: 'Tub by the door',
    count: 1,
    mediumKind: 'lot',
    mediumId: lotId,
    shape: { height_cm: 25, topDiameter_cm: 28, baseDiameter_cm: 22 },
    filledOn: new Date().toISOString().slice(0, 10),
    stand: 'mild',
  });
  return {
    writer: await signedIn(url, TESTER),
    kind: {
      name: 'weights of a pot',
      kept: `select id from pot_entries where pot_id = '${potId}'`,
      next: (n, now) => {
        const id = newId();
        const body = { id, at: now, kind: 'weighed', mass_g: 9000 + (n % 500) };
        return { id, method: 'POST', address: `/pots/${potId}/diary`, body };
      },
    },
  };
}

async function phone(lead: Writer, url: string, lotId: string): Promise<AtWork> {
  const plan = { name: 'First years', lesson: 'acid', groups: 2, minutes: 1440 };
  const { code, samples } = await lead.tell<ClassPage>('POST', '/classes', { id: newId(), ...plan, lotIds: [lotId] });
  const writer = new Writer(url);
  await writer.tell('POST', '/join/group', { code, group: 1 });
  const sampleId = samples[0]?.id ?? '';
  return {
    writer,
    kind: {
      name: 'guesses of a class',
      kept: `select id from class_guesses where sample_id = '${sampleId}'`,
      next: (n) => {
        const id = newId();
        const body = { id, sampleId, figure: 'pen', value: 4 + (n % 30) / 10, margin: 0.5 };
        return { id, method: 'POST', address: '/group/guesses', body };
      },
    },
  };
}

async function rater(lead: Writer, url: string, lotId: string): Promise<AtWork> {
  const writer = new Writer(url);
  const { me } = await writer.tell<{ readonly me: { readonly id: string } }>('POST', '/session/demo', {
    name: PANELLIST,
  });
  const cardId = newId();
  const samples = [{ id: cardId, lotId, sampleCode: 'K7' }];
  await lead.tell('POST', '/sittings', { id: newId(), rubric: 'pots-all-round', samples, raterIds: [me.id] });
  return {
    writer,
    kind: {
      name: 'marks',
      // A rater's own words are what tells one mark from the next.
      kept: `select words as id from ratings where scorecard_id = '${cardId}'`,
      isReplaced: true,
      next: (n) => {
        const id = newId();
        const body = { value: (n % 21) / 2, tags: [], words: id };
        return { id, method: 'PUT', address: `/sheets/${cardId}/ratings/smell`, body };
      },
    },
  };
}

/** A bench on an empty demo notebook at which five write at once: two at sheets, one at a pot, a phone, a rater. */
export async function busyBench(url: string): Promise<readonly AtWork[]> {
  const lead = await signedIn(url, LEAD);
  const { lotId, ...first } = await sheet(lead, url);
  const second = await sheet(lead, url);
  return [first, second, await pot(lead, url, lotId), await phone(lead, url, lotId), await rater(lead, url, lotId)];
}
