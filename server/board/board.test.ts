import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import { v4 as newId } from 'uuid';
import type { BoardView } from '../../contract/index.ts';
import { openStream, type Stream } from '../live/stream.test.support.ts';
import { openSchool, type School } from '../school.test.support.ts';

const VIEW: BoardView = {
  boardId: newId(),
  seq: 1,
  done: null,
  mode: 'clock',
  minutes: 270,
  lenses: ['half-turn'],
  opened: ['hour'],
  title: 'Show',
  place: { index: 0, count: 3 },
  say: 'The hour hand has just passed 4.',
  sayOnBoard: false,
  phase: null,
  children: [],
  demonstration: null,
};

describe('a board and its remote', () => {
  let school: School;
  let stream: Stream;
  beforeEach(async () => {
    school = await openSchool();
    stream = await openStream(`${school.url}/api/live`);
    await stream.next('view');
  });
  afterEach(async () => {
    await stream.end();
    await school.close();
  });
  const show = (view: Partial<BoardView> = {}) => school.put('/board/view', { ...VIEW, ...view }).expect(204);
  const wish = (body: object) => school.post('/board/commands', body);

  it('a remote that comes late learns what the board shows; before a board is open it shows nothing', async () => {
    await show();
    expect(await stream.next('view')).toEqual(VIEW);
    const late = await openStream(`${school.url}/api/live`);
    expect(await late.next('view')).toEqual(VIEW);
    await late.end();
  });
  it('a view that arrives late does not undo a newer one', async () => {
    await show({ seq: 5, minutes: 300 });
    await show({ seq: 4, minutes: 240 });
    await show({ seq: 6, minutes: 330 });
    expect(await stream.next('view')).toMatchObject({ minutes: 300 });
    expect(await stream.next('view')).toMatchObject({ minutes: 330 });
  });
  it('another board that opens takes over; closing the one before does not close it', async () => {
    await show();
    const other = newId();
    await show({ boardId: other, seq: 0 });
    await school.delete(`/board/view/${VIEW.boardId}`).expect(204);
    await school.delete(`/board/view/${other}`).expect(204);
    expect([await stream.next('view'), await stream.next('view'), await stream.next('view')]).toMatchObject([
      { boardId: VIEW.boardId },
      { boardId: other },
      null,
    ] as object[]);
  });
  it('a wish reaches the board once, however often it is sent', async () => {
    await show();
    const command = { id: newId(), boardId: VIEW.boardId, wish: { do: 'lens', lens: 'hours-room' } };
    await wish(command).expect(202);
    await wish(command).expect(202);
    const second = { ...command, id: newId(), wish: { do: 'next' } };
    await wish(second).expect(202);
    expect([await stream.next('command'), await stream.next('command')]).toEqual([command, second]);
  });
  it('a wish for a board that is closed goes nowhere, and an unknown one is refused', async () => {
    await show();
    await wish({ id: newId(), boardId: newId(), wish: { do: 'next' } }).expect(202);
    const reply = await wish({ id: newId(), boardId: VIEW.boardId, wish: { do: 'explode' } });
    expect([reply.status, reply.body.code]).toEqual([400, 'malformed']);
    const known = { id: newId(), boardId: VIEW.boardId, wish: { do: 'back' } };
    await wish(known).expect(202);
    expect(await stream.next('command')).toEqual(known);
  });
});
