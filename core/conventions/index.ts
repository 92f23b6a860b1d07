export {
  CHOICES,
  CHOICE_NAMES,
  CONVENTION_GROUPS,
  DEFAULT_CONVENTIONS,
  choicesOf,
  type ChoiceName,
  type Chosen,
  type ConventionGroup,
  type Conventions,
  type DigitalForm,
  type LocaleTag,
} from './conventions.ts';
