export {
  GROUP_MINUTES,
  GROUP_SIZE,
  GROUP_TIMES,
  smallGroup,
  type SmallGroup,
  type StoodAtCheck,
} from './smallGroup.ts';
