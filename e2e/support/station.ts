import { v4 as newId } from 'uuid';
import { rightAnswers, type Item } from '../../core/items/index.ts';
import type { AnswerRow, ClassCode, Practice, SetSource, StationChild } from '../../contract/index.ts';
import { answeringOn } from './answering.ts';
import type { Hoppel } from './hoppel.ts';
import { onPage, type Page } from './page.ts';
import type { Browser } from './browser.ts';

const asked = async (hoppel: Hoppel, path: string, body?: unknown): Promise<unknown> => {
  const reply = await fetch(`${hoppel.url}/api${path}`, {
    method: body === undefined ? 'GET' : 'POST',
    headers: { 'Content-Type': 'application/json' },
    ...(body !== undefined && { body: JSON.stringify(body) }),
  });
  if (!reply.ok) throw new Error(`${path}: ${await reply.text()}`);
  return reply.json();
};
/** The four pictures of the class, as its teacher sees them. */
export const classCode = async (hoppel: Hoppel): Promise<ClassCode> =>
  ((await asked(hoppel, '/tablets')) as { code: ClassCode }).code;

/** Hands a set to children, as the teacher's screen does. @returns its id */
export const handSet = async (hoppel: Hoppel, childIds: number[] | null, source: SetSource): Promise<string> => {
  const id = newId();
  await asked(hoppel, '/tablets/sets', { id, childIds, source });
  return id;
};

/** A tablet has a voice, and so an ear button; this machine has none. For pages opened from now on. */
export const giveVoice = ({ driver }: Browser): Promise<void> =>
  driver.sendDevToolsCommand('Page.addScriptToEvaluateOnNewDocument', {
    source: `speechSynthesis.getVoices = () => [{ name: 'here', localService: true, lang: 'en-US', voiceURI: 'here', default: true }];`,
  });

/** Taps the class's pictures on a tablet that is asked for them. */
export const showPictures = async (tablet: Page, hoppel: Hoppel): Promise<void> => {
  for (const picture of await classCode(hoppel)) await (await tablet.find(`[data-picture="${picture}"]`)).click();
};
/** A tablet that does not know the class's pictures comes in. */
export const enterClass = async (tablet: Page, hoppel: Hoppel): Promise<void> => {
  await showPictures(tablet, hoppel);
  await tablet.says('Tap your picture');
};

/** A tablet that has come in, at the children's pictures. */
export const openStation = async (browser: Browser, hoppel: Hoppel): Promise<Page> => {
  const tablet = onPage(browser);
  await tablet.driver.get(`${hoppel.url}/station`);
  await enterClass(tablet, hoppel);
  return tablet;
};

/** A child sits down. */
export const sitDown = async (tablet: Page, name: string): Promise<void> => {
  await tablet.tap(`I am ${name}`);
  await tablet.find('.me');
};

/** The practice a tablet has for its child, and its own tasks in order, without those that ease it. */
export const practiceOn = async (tablet: Page): Promise<Practice & { readonly tasks: readonly Item[] }> => {
  const { practice } = (await keptOnTablet(tablet, 'child')) as StationChild;
  if (practice === null) throw new Error('there is nothing to practise');
  return { ...practice, tasks: practice.session.tasks.slice(0, practice.session.fewest) };
};

/** What a tablet keeps under a name, read from its database; null where there is nothing. */
export const keptOnTablet = (tablet: Page, name: string): Promise<unknown> =>
  tablet.driver.executeAsyncScript(
    `const [name, done] = arguments;
     const open = indexedDB.open('hoppel');
     open.onsuccess = () => {
       const asked = open.result.transaction('station').objectStore('station').get(name);
       asked.onsuccess = () => { open.result.close(); done(asked.result ?? null); };
     };`,
    name,
  );

/** Puts something among what a tablet keeps, as an earlier page of it did. */
export const keepOnTablet = (tablet: Page, name: string, value: unknown): Promise<void> =>
  tablet.driver.executeAsyncScript(
    `const [name, value, done] = arguments;
     const open = indexedDB.open('hoppel');
     open.onsuccess = () => {
       const put = open.result.transaction('station', 'readwrite').objectStore('station').put(value, name);
       put.onsuccess = () => { open.result.close(); done(); };
     };`,
    name,
    value,
  );

/** Answers the task at a place (0-based) of a set, right, when the child has come to it. */
export const answerSet = async (tablet: Page, items: readonly Item[], at: number): Promise<void> => {
  await tablet.until('a task', async () => (await tablet.attribute('.task', 'data-status')) === 'open');
  const place = `Task ${at + 1} of ${items.length}`;
  await tablet.until(place, async () => (await tablet.attribute('.stones', 'aria-label')) === place);
  await answeringOn(tablet, 'touch').give(items[at]!, rightAnswers(items[at]!)[0]!);
};

/** So many answers wait on a tablet to be sent. */
export const hasWaiting = async (tablet: Page, count: number): Promise<void> => {
  await tablet.until(`${count} answers wait`, async () => {
    const list = (await keptOnTablet(tablet, 'unsent')) as unknown[] | null;
    return (list ?? []).length === count;
  });
};

/** What a child has answered on tablets, the first first, as its teacher sees it. */
export const storedOf = async (hoppel: Hoppel, childId: number): Promise<AnswerRow[]> => {
  const { answers } = (await asked(hoppel, `/record/children/${childId}`)) as { answers: AnswerRow[] };
  return answers.filter(({ source }) => source === 'tablet').reverse();
};
