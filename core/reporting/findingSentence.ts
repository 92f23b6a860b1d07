import type { Finding } from '../marking/index.ts';
import type { Phrase, SpeakingConventions } from '../wording/index.ts';
import { ruleText } from './ruleText.ts';
import { teacherSentence } from './teacherWords.ts';

const phrase = (name: string, values: Phrase['values'] = {}): Phrase => ({ key: `teacher.findings.${name}`, values });

const findingPhrase = (finding: Finding, conventions: SpeakingConventions): Phrase => {
  switch (finding.kind) {
    case 'rule':
      return phrase('rule', { rule: teacherSentence(ruleText(finding.rule, 'short'), conventions) });
    case 'minute-hand-off': {
      const minutes = Math.abs(finding.minutes);
      const way = finding.minutes > 0 ? 'Late' : 'Early';
      return phrase(minutes === 1 ? `minuteOne${way}` : `minute${way}`, { minutes });
    }
    case 'hour-hand-off':
      return phrase(finding.degrees > 0 ? 'hourHandFar' : 'hourHandShort', { degrees: Math.abs(finding.degrees) });
    case 'hour-off':
      return phrase('hourOff', { asked: finding.askedHour, answered: finding.answeredHour });
    case 'writing':
      return phrase(`writing.${finding.fault}`);
    case 'drawing':
      return phrase(`drawing.${finding.problem}`);
    case 'choice':
      if (finding.wronglyTaken === 0)
        return phrase(finding.leftOut === 1 ? 'leftOutOne' : 'leftOut', { leftOut: finding.leftOut });
      return phrase(finding.wronglyTaken === 1 ? 'wronglyTakenOne' : 'wronglyTaken', {
        wronglyTaken: finding.wronglyTaken,
      });
  }
};

/** A finding as a piece of a sentence for the teacher: "the hour was 5, not 4", "fits with: hands swapped". */
export const findingSentence = (finding: Finding, conventions: SpeakingConventions): string =>
  teacherSentence(findingPhrase(finding, conventions), conventions);
