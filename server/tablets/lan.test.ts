import { afterAll, beforeAll, describe, expect, it } from '@jest/globals';
import { createHouseRepository } from '../house/houseRepository.ts';
import { openSchool, type School } from '../school.test.support.ts';

describe('letting the network in', () => {
  let school: School;
  beforeAll(async () => {
    school = await openSchool();
  });
  afterAll(() => school.close());

  it('is said on the tablets’ page and seen by the board’s remote card', async () => {
    expect((await school.get('/tablets').expect(200)).body.lan).toBe(false);
    expect((await school.put('/tablets/lan', { lan: true }).expect(200)).body.lan).toBe(true);
    expect((await school.get('/remote').expect(200)).body.lan).toBe(true);
    expect((await school.put('/tablets/lan', { lan: false }).expect(200)).body.lan).toBe(false);
  });
  it.each([{}, { lan: 'yes' }, { lan: true, more: 1 }])('refuses %j', async (body) => {
    expect((await school.put('/tablets/lan', body).expect(400)).body.code).toBe('malformed');
  });
  it('is not so before somebody said so, and is remembered in the data file', () => {
    const house = createHouseRepository(school.db);
    expect(house.lan()).toBe(false);
    house.setLan(true);
    expect(createHouseRepository(school.db).lan()).toBe(true);
    house.setLan(false);
    expect(house.lan()).toBe(false);
  });
});
