import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import { v4 as newId } from 'uuid';
import { openSchool, type School } from '../school.test.support.ts';

const fresh = (name = 'Fern Room', children = ['Ada', 'Zoë', 'Łukasz']) => ({ id: newId(), name, children });

describe('a new data file', () => {
  let school: School;
  beforeEach(async () => {
    school = await openSchool({ demo: false });
  });
  afterEach(() => school.close());

  it('has no class, and a tablet is told so', async () => {
    expect((await school.get('/classroom').expect(200)).body).toMatchObject({
      class: null,
      classes: [],
      children: [],
      plan: null,
      lessons: [],
      today: '2026-11-24',
    });
    expect((await school.get('/station').expect(409)).body.code).toBe('no-class');
    expect((await school.post('/children', { names: ['Ada'] }).expect(409)).body.code).toBe('no-class');
  });
  it('becomes a class with children in the order given, pictures of their own, a school day, and no unit yet', async () => {
    const { body } = await school.post('/classes', fresh()).expect(201);
    expect(body.class).toMatchObject({ name: 'Fern Room', numberTime: '09:00' });
    expect(body.children.map(({ name }: { name: string }) => name)).toEqual(['Ada', 'Zoë', 'Łukasz']);
    expect(new Set(body.children.map(({ picture }: { picture: string }) => picture)).size).toBe(3);
    expect(body.day.routine).toHaveLength(10);
    expect(body.day.moments).toHaveLength(3);
    expect(body).toMatchObject({ plan: null, lessons: [] });
  });
  it('takes the same class sent twice once', async () => {
    const sent = fresh();
    await school.post('/classes', sent).expect(201);
    const { body } = await school.post('/classes', sent).expect(201);
    expect(body.classes).toHaveLength(1);
    expect(body.children).toHaveLength(3);
  });
  it('is looked round in with the made-up class, which is out of the way again in one step', async () => {
    const { body } = await school.post('/classes/made-up', {}).expect(201);
    expect(body).toMatchObject({ demo: true, class: { name: 'Clover Room' } });
    expect(body.children).toHaveLength(22);
    expect(body.lessons).toHaveLength(16);
    expect((await school.get('/record/class').expect(200)).body.children).toHaveLength(22);
    // The same day again opens the same one.
    const again = await school.post('/classes/made-up', {}).expect(201);
    expect(again.body.classes).toHaveLength(1);
    expect((await school.post('/classes/made-up/away', {}).expect(200)).body).toMatchObject({
      class: null,
      classes: [],
    });
    expect((await school.post('/classes/made-up/away', {}).expect(404)).body.code).toBe('unknown-class');
    expect((await school.post('/classes/made-up', {}).expect(201)).body.class.id).toBe(body.class.id);
  });
  it('has the made-up class beside its own, and the own one is open when that is put away', async () => {
    const own = (await school.post('/classes', fresh()).expect(201)).body.class.id;
    const both = (await school.post('/classes/made-up', {}).expect(201)).body;
    expect(both.classes.map(({ name }: { name: string }) => name)).toEqual(['Fern Room', 'Clover Room']);
    const { body } = await school.post('/classes/made-up/away', {}).expect(200);
    expect(body).toMatchObject({ demo: false, class: { id: own }, classes: [{ id: own }] });
    expect(body.children).toHaveLength(3);
  });
  it('on a later day has the made-up class laid anew, one only', async () => {
    const first = (await school.post('/classes/made-up', {}).expect(201)).body.class.id;
    school.passTime(24 * 60 * 60 * 1000);
    const { body } = await school.post('/classes/made-up', {}).expect(201);
    expect(body.class.id).not.toBe(first);
    expect(body.classes).toHaveLength(1);
    expect(body.lessons.find(({ number }: { number: number }) => number === 8).day).toBe('2026-11-25');
    expect((await school.get('/record/class').expect(200)).body.children).toHaveLength(22);
  });
  it.each([
    ['a child without a name', { ...fresh(), children: ['Ada', '  '] }],
    ['no name', { ...fresh(), name: ' ' }],
    ['more children than pictures', { ...fresh(), children: Array<string>(41).fill('Ada') }],
    ['no id', { name: 'Fern Room', children: [] }],
  ])('with %s is refused', async (_, body) => {
    expect((await school.post('/classes', body).expect(400)).body.code).toBe('malformed');
    expect((await school.get('/classroom')).body.class).toBeNull();
  });
  it('keeps every setting through a restart', async () => {
    await school.post('/classes', fresh()).expect(201);
    const settings = {
      locale: 'en-GB',
      halfPastPhrase: 'thirty',
      handNames: 'little-big',
      firstRead: 'minute',
      hourFinding: 'smaller',
      minuteSupport: 'both',
      digitalForm: '4.30',
      otherForms: 'named',
      drawnFirst: 'minute',
      halfPastHand: 'lenient',
      teachingOrder: 'together',
      paper: 'letter',
      numerals: 'roman',
      outline: 'oval',
      handColours: { hour: '#112233', minute: '#445566' },
      missedOnWall: 'names',
      snap: 15,
    };
    await school.put('/settings', settings).expect(200);
    await school.restart();
    expect((await school.get('/classroom')).body.settings).toEqual(settings);
    await school.put('/settings', { ...settings, snap: 7 }).expect(400);
    await school.put('/settings', { ...settings, handColours: { hour: 'red', minute: '#445566' } }).expect(400);
  });
});

describe('several classes', () => {
  let school: School;
  beforeEach(async () => {
    school = await openSchool();
  });
  afterEach(() => school.close());
  const state = async () => (await school.get('/classroom').expect(200)).body;

  it('each have their own children, unit, record and settings; tablets follow the open one', async () => {
    const clover = await state();
    await school.put('/settings', { ...clover.settings, locale: 'en-GB' }).expect(200);
    const { body: fern } = await school.post('/classes', fresh()).expect(201);
    expect(fern.classes.map(({ name }: { name: string }) => name)).toEqual(['Clover Room', 'Fern Room']);
    expect(fern).toMatchObject({ plan: null, settings: { locale: 'en-GB' } }); // begins as the other class has it
    await school.put('/settings', { ...fern.settings, locale: 'en-US' }).expect(200);
    // Each class has pictures of its own: a tablet of the other is asked for them.
    expect((await school.get('/station').expect(401)).body.code).toBe('code-needed');
    expect((await school.get('/record/class')).body.children).toHaveLength(3);
    const back = await school.put('/classes/open', { classId: clover.class.id }).expect(200);
    expect(back.body).toMatchObject({ settings: { locale: 'en-GB' }, lessons: clover.lessons });
    expect((await school.get('/record/class')).body.children).toHaveLength(22);
    expect((await (await school.tablet()).get('/station')).body.className).toBe('Clover Room');
  });
  it('do not show each other’s round', async () => {
    await school.post('/rounds', { id: newId(), lessonId: 8 }).expect(201);
    await school.post('/classes', fresh()).expect(201);
    expect((await school.get('/board')).body.round).toBeNull();
  });
  it('that are not there cannot be opened', async () =>
    expect((await school.put('/classes/open', { classId: 9 }).expect(404)).body.code).toBe('unknown-class'));
  it('can be renamed, begin at another time, and decide by other thresholds', async () => {
    const change = { name: 'Clover Room, morning', numberTime: '10:30', thresholds: { goOn: 90, withGroup: 60 } };
    const { body } = await school.put('/classes/opened', change).expect(200);
    expect(body).toMatchObject({
      class: { name: 'Clover Room, morning', numberTime: '10:30' },
      thresholds: { goOn: 90, withGroup: 60 },
    });
    await school.put('/classes/opened', { thresholds: { goOn: 50, withGroup: 60 } }).expect(400);
    await school.put('/classes/opened', { numberTime: '25:00' }).expect(400);
  });
});

describe('the class list', () => {
  let school: School;
  beforeEach(async () => {
    school = await openSchool();
  });
  afterEach(() => school.close());
  const child = async (name: string) =>
    (await school.get('/classroom')).body.children.find((one: { name: string }) => one.name === name);

  it('takes more children, each with a free picture, until the pictures are used up', async () => {
    const { body } = await school.post('/children', { names: ['Wim', 'Xenia'] }).expect(201);
    expect(body.children.slice(-2).map(({ name }: { name: string }) => name)).toEqual(['Wim', 'Xenia']);
    expect(new Set(body.children.map(({ picture }: { picture: string }) => picture)).size).toBe(24);
    const many = Array.from({ length: 17 }, (_, i) => `Child ${i}`);
    expect((await school.post('/children', { names: many }).expect(409)).body.code).toBe('class-full');
    expect((await school.get('/classroom')).body.children).toHaveLength(24); // all or none
  });
  it('changes a name and a picture, but gives no picture twice', async () => {
    const { id } = await child('Bram');
    await school.put(`/children/${id}`, { name: 'Bramwell', picture: 'frog' }).expect(200);
    expect(await child('Bramwell')).toMatchObject({ picture: 'frog' });
    const taken = (await child('Ada')).picture;
    expect((await school.put(`/children/${id}`, { picture: taken }).expect(409)).body.code).toBe('picture-taken');
    await school.put(`/children/${id}`, { picture: 'spaceship' }).expect(400);
    await school.put('/children/999', { name: 'Nobody' }).expect(404);
  });
  it('knows who is absent today, and so does the next round', async () => {
    const { id } = await child('Nia');
    await school.put(`/children/${id}`, { absent: true }).expect(200);
    expect((await child('Nia')).absent).toBe(true);
    const { body } = await school.post('/rounds', { id: newId(), lessonId: 8 }).expect(201);
    expect(body.round.away).toEqual([id]);
    school.db.prepare("UPDATE child SET absent_on = '2026-11-23' WHERE id = ?").run(id);
    expect((await child('Nia')).absent).toBe(false);
  });
  it('keeps a child who moved away, hidden, with all answers, and takes one back', async () => {
    const { id, picture } = await child('Nia');
    const { body } = await school.put(`/children/${id}`, { movedAway: true }).expect(200);
    expect(body.children).toHaveLength(21);
    expect(body.movedAway).toEqual([{ id, name: 'Nia', picture }]);
    expect((await (await school.tablet()).get('/station')).body.children).toHaveLength(21);
    expect((await school.get(`/record/children/${id}`).expect(200)).body.answers.length).toBeGreaterThan(5);
    await school.put(`/children/${(await child('Ada')).id}`, { picture }).expect(200); // free now
    const back = await school.put(`/children/${id}`, { movedAway: false }).expect(200);
    expect(back.body.children).toHaveLength(22);
    expect(new Set(back.body.children.map((one: { picture: string }) => one.picture)).size).toBe(22);
  });
  it('keeps an order of its own', async () => {
    const { body } = await school.get('/classroom');
    const ids = body.children.map(({ id }: { id: number }) => id).reverse();
    await school.put('/children/order', { ids }).expect(200);
    await school.restart();
    expect((await school.get('/classroom')).body.children.map(({ id }: { id: number }) => id)).toEqual(ids);
    await school.put('/children/order', { ids: ids.slice(1) }).expect(400);
    await school.put('/children/order', { ids: [...ids.slice(1), ids[1]] }).expect(400);
  });
  it('keeps a home language for the teacher, and tells no tablet', async () => {
    const { id } = await child('Ida');
    await school.put(`/children/${id}`, { homeLanguage: 'de' }).expect(200);
    expect(await child('Ida')).toMatchObject({ homeLanguage: 'de' });
    expect(JSON.stringify((await (await school.tablet()).get('/station')).body)).not.toMatch(/homeLanguage|absent/);
    await school.put(`/children/${id}`, { homeLanguage: null }).expect(200);
    expect((await child('Ida')).homeLanguage).toBeNull();
    await school.put(`/children/${id}`, { homeLanguage: 'half five' }).expect(400);
  });
});

describe('the class’s day', () => {
  let school: School;
  beforeEach(async () => {
    school = await openSchool();
  });
  afterEach(() => school.close());

  it('is kept in the order of the day, with the moments chosen for today', async () => {
    const entries = [
      { name: 'Lunch', picture: 'corn', at: 720 },
      { name: 'Arrive', picture: 'boot', at: 480 },
      { name: 'Assembly', picture: 'owl', at: 560 },
    ];
    const { body } = await school.put('/day/routine', { entries }).expect(200);
    expect(body.day.routine.map(({ name }: { name: string }) => name)).toEqual(['Arrive', 'Assembly', 'Lunch']);
    const [arrive, assembly, lunch] = body.day.routine.map(({ id }: { id: number }) => id);
    expect(body.day.moments).toEqual([arrive, lunch]); // assembly is at 9:20
    const chosen = await school.put('/day/moments', { moments: [lunch] }).expect(200);
    expect(chosen.body.day.moments).toEqual([lunch]);
    await school.put('/day/moments', { moments: [assembly + 99] }).expect(400);
    await school.put('/day/chime', { chime: 0 }).expect(200);
    await school.restart();
    expect((await school.get('/classroom')).body.day).toMatchObject({ moments: [lunch], chime: 0 });
  });
  it('leaves half past out of its moments until the class has met it', async () => {
    const { day } = (await school.get('/classroom')).body;
    const at = new Map(day.routine.map((entry: { id: number; at: number }) => [entry.id, entry.at]));
    for (const id of day.moments) expect((at.get(id) as number) % 60).toBe(0);
  });
  it('refuses an entry that is none', async () => {
    await school.put('/day/routine', { entries: [{ name: '', picture: 'corn', at: 720 }] }).expect(400);
    await school.put('/day/routine', { entries: [{ name: 'Lunch', picture: 'corn', at: 1440 }] }).expect(400);
    await school.put('/day/chime', { chime: 101 }).expect(400);
  });
});
