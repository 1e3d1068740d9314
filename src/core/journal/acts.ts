import type { JournalEvent } from './events';

/** Ids of events kept in one go share what stands before the point; older journals have acts of one event only. */
export const eventIdIn = (act: string, at: number, of: number): string =>
  of === 1 ? act : `${act}.${at + 1}`;

/** Names the act an event was kept in. */
export const actIn = ({ device, id }: JournalEvent): string => {
  const point = id.lastIndexOf('.');
  return `${device} ${point < 0 ? id : id.slice(0, point)}`;
};
