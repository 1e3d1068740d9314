import { operationOf, isOuter, setOf, type Job } from '../../trade/steps';

const CLOSES = { from: 3.6, to: 4.999 };
const SHELL = setOf('opening', 'skin', 'roofSkin', 'wallCore', 'roofCore');

/** Frames, sheathing, roof, windows and doors: what stands between the weather and the rooms. */
export function closesIn({ stepId }: Job): boolean {
  const doing = stepId === null ? undefined : operationOf(stepId);
  return (
    doing !== undefined &&
    doing.key >= CLOSES.from &&
    doing.key <= CLOSES.to &&
    (doing.on & SHELL) !== 0
  );
}

/** Skin, roof and flashing of a place, and the ground at its foot. */
export const isSkin = ({ stepId }: Job): boolean => {
  const doing = stepId === null ? undefined : operationOf(stepId);
  return doing !== undefined && doing.key >= CLOSES.from && isOuter(doing);
};
