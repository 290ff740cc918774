import { sig } from '@hornblende/core/lib';
import { useWorkshop } from '../stores/workshop';

/** A sum of money as the workshop writes it, to four figures. */
export function useMoney(): (sum: number) => string {
  const workshop = useWorkshop();
  return sum => `${workshop.currency}${sig(sum, 4)}`;
}
