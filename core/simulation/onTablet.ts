import { pick, type Rng } from '../common/index.ts';
import { CLOCK_PARTS, type Answer, type Item } from '../items/index.ts';
import { simulateAnswer, type SimulatedChild } from './child.ts';
import { anyStyle, simulateDrawing } from './drawing.ts';

/** What a simulated child gives on a tablet: a drawing as a finger makes it, a part by a tap; anything else as it answers. */
export const answerOnTablet = (child: SimulatedChild, item: Item, rng: Rng): Answer => {
  const answer = simulateAnswer(child, item, rng);
  // What is said aloud to a teacher is tapped on a tablet.
  if (item.kind === 'name-part' && answer.kind === 'observed')
    return { kind: 'part', part: answer.got ? item.part : pick(rng, CLOCK_PARTS) };
  const [hour, minute] = answer.kind === 'drawn' ? answer.hands : [];
  if (hour === undefined || minute === undefined) return answer;
  return {
    kind: 'strokes',
    strokes: simulateDrawing({ hour: hour.angle, minute: minute.angle }, anyStyle(rng), rng),
  };
};
