// How often the forecast's bands hold what became of simulated classes. Their children learn otherwise than the forecast thinks: a child that is
// ahead in one skill is ahead in others, and days are not alike. The forecast was not tuned on them.
import { seededRng, type Rng } from '../core/common/index.ts';
import {
  FEWEST_DAYS,
  SECURE_SHARE,
  forecasting,
  type DayAhead,
  type DayOfSkill,
  type Forecast,
  type ForecastWishes,
} from '../core/forecast/index.ts';
import type { Skill } from '../core/skills/index.ts';
import { median, say } from './median.ts';

const CLASSES = Number(process.argv[2] ?? 150);
/** Luck was tuned on classes from 5000 on; these are others. */
const FIRST = Number(process.argv[3] ?? 1000);
const SKILLS: readonly Skill[] = ['oclock-read', 'oclock-set', 'half-past-read', 'half-past-draw'];
const DAY_MS = 24 * 60 * 60 * 1000;
const dayAt = (day: number): string => new Date(Date.UTC(2026, 10, 2) + day * DAY_MS).toISOString().slice(0, 10);

const normal = (rng: Rng): number => Math.sqrt(-2 * Math.log(1 - rng())) * Math.cos(2 * Math.PI * rng());
const known = (logOdds: number): number => 1 / (1 + Math.exp(-logOdds));

/** A class with hidden rates, what was seen of it, and how many were secure in the end. */
const classOf = (seed: number) => {
  const rng = seededRng(seed);
  const size = 12 + Math.floor(rng() * 18);
  const seenDays = FEWEST_DAYS + Math.floor(rng() * 5);
  const aheadDays = 3 + Math.floor(rng() * 6);
  const mean = -0.4 + 0.8 * normal(rng);
  const meanRate = Math.abs(0.4 + 0.2 * normal(rng));
  const guess = [0, 0, 1 / 3, 0.5][Math.floor(rng() * 4)]!;
  /** Skills worked on each day: two of the four, the later ones later. */
  const plan = Array.from({ length: seenDays + aheadDays }, (_, day) => {
    const first = Math.min(2, Math.floor((3 * day) / (seenDays + aheadDays)));
    return [SKILLS[first]!, SKILLS[first + 1]!];
  });
  /** Skills are not equally hard, later ones harder as a rule. */
  const hard = SKILLS.map((_, s) => 0.2 * s + 0.5 * normal(rng));
  const children = Array.from({ length: size }, () => {
    const ahead = 0.9 * normal(rng);
    const rate = Math.max(0, meanRate + 0.2 * normal(rng));
    const at = new Map(SKILLS.map((skill, s) => [skill, mean + ahead - hard[s]! + 0.8 * normal(rng)]));
    const seen: DayOfSkill[] = [];
    plan.forEach((skills, day) => {
      for (const skill of skills) {
        if (day < seenDays && rng() > 0.06) {
          const answers = 2 + Math.floor(rng() * 4);
          const share = known(at.get(skill)!);
          const right = Array.from({ length: answers }, () => rng() < 0.97 * (share + (1 - share) * guess)).filter(
            Boolean,
          ).length;
          seen.push({ skill, day: dayAt(day), right, answers, guess });
        }
        at.set(skill, at.get(skill)! + Math.max(0, rate + 0.15 * normal(rng)));
      }
    });
    return { seen, end: SKILLS.map((skill) => known(at.get(skill)!) > SECURE_SHARE) };
  });
  const ahead = plan.slice(seenDays).map((skills, i): DayAhead => ({
    day: dayAt(seenDays + i),
    skills: skills.map((skill) => ({ skill, weight: 1 })),
  }));
  return {
    wishes: { children: children.map(({ seen }) => seen), ahead, skills: SKILLS, seed } satisfies ForecastWishes,
    secure: SKILLS.map((_, s) => children.filter(({ end }) => end[s]).length),
    inAll: children.filter(({ end }) => end.every(Boolean)).length,
  };
};
const forecastOf = (wishes: ForecastWishes): Forecast | undefined => {
  const steps = forecasting(wishes);
  let step = steps.next();
  while (step.done !== true) step = steps.next();
  return step.value;
};

let [held, asked, wide, allHeld] = [0, 0, 0, 0];
const bySkill = SKILLS.map(() => 0);
for (let i = 0; i < CLASSES; i++) {
  const { wishes, secure, inAll } = classOf(FIRST + i);
  const found = forecastOf({ ...wishes, draws: 600 })!;
  found.skills.forEach(({ bands }, s) => {
    const { low, high } = bands.at(-1)!;
    asked += 1;
    wide += (high - low) / found.of;
    if (secure[s]! >= low && secure[s]! <= high) {
      held += 1;
      bySkill[s]! += 1;
    }
  });
  const { low, high } = found.all.at(-1)!;
  if (inAll >= low && inAll <= high) allHeld += 1;
}
const percent = (part: number, of: number): string => `${((100 * part) / of).toFixed(1)} %`;
console.log(`${CLASSES} simulated classes, forecast over 3 to 8 days from 3 to 7: bands of eight in ten held`);
console.log(
  `  a skill: ${percent(held, asked)} (${SKILLS.map((skill, s) => `${skill} ${percent(bySkill[s]!, CLASSES)}`).join(', ')})`,
);
console.log(`  all of them: ${percent(allHeld, CLASSES)}; a band is ${percent(wide, asked)} of the class wide`);
const large = classOf(5).wishes;
say(
  'a forecast of 2,000 draws',
  median(() => forecastOf(large)),
);
say(
  '  yardstick: JSON.parse of what it is made from, 100 times',
  median(() => {
    for (let i = 0; i < 100; i++) JSON.parse(JSON.stringify(large));
  }),
);
