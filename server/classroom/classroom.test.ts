import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import { openSchool, type School } from '../school.test.support.ts';

describe('a new data file', () => {
  let school: School;
  beforeEach(async () => {
    school = await openSchool({ demo: false });
  });
  afterEach(() => school.close());
  const fresh = { name: 'Fern Room', children: ['Ada', 'Łukasz', 'Zoë'], startsOn: '2026-11-28' };

  it('has no class, and a tablet is told so', async () => {
    expect((await school.get('/classroom').expect(200)).body).toMatchObject({
      class: null,
      children: [],
      lessons: [],
      today: '2026-11-24',
    });
    expect((await school.get('/station').expect(409)).body.code).toBe('no-class');
  });
  it('becomes a class with pictures of their own and a unit from the next school day on', async () => {
    const { body } = await school.post('/classroom', fresh).expect(201);
    expect(body.class).toEqual({ name: 'Fern Room', numberTime: '09:00' });
    expect(body.children.map(({ name }: { name: string }) => name)).toEqual(['Ada', 'Zoë', 'Łukasz']);
    expect(new Set(body.children.map(({ picture }: { picture: string }) => picture)).size).toBe(3);
    expect(body.lessons[0]).toMatchObject({ number: 1, day: '2026-11-30' }); // the 28th is a Saturday
    expect(body.lessons).toHaveLength(15);
  });
  it('takes one class only', async () => {
    await school.post('/classroom', fresh).expect(201);
    expect((await school.post('/classroom', fresh).expect(409)).body.code).toBe('class-exists');
    expect((await school.get('/classroom')).body.children).toHaveLength(3);
  });
  it.each([
    ['no children', { ...fresh, children: [] }],
    ['a child without a name', { ...fresh, children: ['Ada', '  '] }],
    ['no name', { ...fresh, name: ' ' }],
    ['a day that is none', { ...fresh, startsOn: '2026-02-30' }],
  ])('with %s is refused', async (_, body) => {
    expect((await school.post('/classroom', body).expect(400)).body.code).toBe('malformed');
    expect((await school.get('/classroom')).body.class).toBeNull();
  });
  it('keeps every setting through a restart', async () => {
    const settings = {
      english: 'en-GB',
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
      numerals: 'roman',
      outline: 'oval',
      handColours: { hour: '#112233', minute: '#445566' },
      snap: 15,
    };
    await school.put('/settings', settings).expect(200);
    await school.restart();
    expect((await school.get('/classroom')).body.settings).toEqual(settings);
    await school.put('/settings', { ...settings, snap: 7 }).expect(400);
    await school.put('/settings', { ...settings, handColours: { hour: 'red', minute: '#445566' } }).expect(400);
  });
});

describe('the desk', () => {
  let school: School;
  beforeEach(async () => {
    school = await openSchool();
  });
  afterEach(() => school.close());

  it('keeps ticks and decisions, the latest of which counts', async () => {
    await school.put('/lessons/7/ready/tablets', { ticked: true }).expect(200);
    await school.put('/lessons/7/ready/tablets', { ticked: true }).expect(200);
    await school.put('/lessons/7/ready/geared-clock', { ticked: false }).expect(200);
    await school.put('/lessons/7/decision', { decision: 'go-on' }).expect(200);
    await school.put('/lessons/7/decision', { decision: 'teach-again' }).expect(200);
    await school.restart();
    const { body } = await school.get('/lessons/7/desk').expect(200);
    expect(body.ticked).toEqual(['paper-clocks', 'tablets']);
    expect(body.known.decided).toBe('teach-again');
  });
  it('passes over a check that nobody has answered yet', async () => {
    const { body } = await school.get('/lessons/12/desk').expect(200);
    expect(body.known.check).toMatchObject({ number: 6, skill: 'oclock-read' });
  });
  it('knows nothing before the first check, and takes no decision then', async () => {
    expect((await school.get('/lessons/6/desk').expect(200)).body.known).toBeNull();
    await school.put('/lessons/6/decision', { decision: 'go-on' }).expect(404);
    await school.put('/lessons/7/ready/a%20pony', { ticked: true }).expect(400);
    await school.get('/lessons/99/desk').expect(404);
  });
});
