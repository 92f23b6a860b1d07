import { isDeepStrictEqual } from 'node:util';
import type { Tablets } from '../../contract/index.ts';
import type { Item } from '../../core/items/index.ts';
import type { Classroom } from '../classroom/classroom.ts';
import { dayOf } from '../clock.ts';
import { remoteOwner } from '../live/openStreams.ts';
import type { Pairing } from '../remote/pairing.ts';
import type { Reach } from '../remote/remoteRoutes.ts';

/** What of other devices is not of one class. */
export interface OutsideDoors {
  readonly reach: Reach;
  readonly pairing: Pick<Pairing, 'all' | 'sendAway'>;
}

/** How many tasks of a ticket each child has handed in; other practice of its lesson does not count. */
const ticketDone = (
  items: readonly Item[],
  done: readonly { readonly childId: number; readonly item: Item }[],
): { childId: number; count: number }[] => {
  const counts = new Map<number, number>();
  for (const { childId, item } of done)
    if (items.some((one) => isDeepStrictEqual(one, item))) counts.set(childId, (counts.get(childId) ?? 0) + 1);
  return [...counts].map(([childId, count]) => ({ childId, count }));
};

/** All about the tablets of a class as of now, for the teacher's own screens. @throws HoppelError no-class */
export const tabletsOf = (classroom: Classroom, { reach, pairing }: OutsideDoors): Tablets => {
  const { id, row, door, live, seats, sets, tablets, room, answers, setAside, streams, tries, now } = classroom;
  const { demo } = row();
  const listening = live.listening();
  const here = live.tabletsListening();
  const seated = seats.all();
  return {
    code: door.code(),
    addresses: reach.addresses().map((address) => `${address}station`),
    lan: reach.lan(),
    seats: seated.map((seat) => ({ ...seat, connected: listening.includes(seat.childId) })),
    passes: tablets
      .ofClass(id)
      .filter(({ simulated }) => !simulated)
      .map(({ id: tabletId, letInAt }) => ({
        tabletId,
        letInAt,
        childId: seated.find((seat) => seat.tabletId === tabletId)?.childId ?? null,
        listens: here.has(tabletId),
      })),
    remotes: pairing
      .all()
      .filter(({ classId }) => classId === id)
      .map((pass) => ({ id: pass.id, letInAt: pass.letInAt, listens: streams.isOpen(remoteOwner(pass.id)) })),
    tries: tries(),
    sets: sets.all(dayOf(now())).map(({ id: setId, childIds, what, lessonId, items, handedAt }) => ({
      id: setId,
      childIds: childIds && [...childIds],
      what,
      lessonId,
      count: items?.length ?? null,
      done: what === 'ticket' ? ticketDone(items ?? [], answers.doneAlone(lessonId, handedAt)) : null,
    })),
    setAside: setAside.all(),
    standIns: demo ? { running: room.running(), answers: answers.standIns() } : null,
  };
};
