import type { FitmentPosition, Part } from '@cadre/core/fleet';
import type { CountReason, StockItem } from '@cadre/core/parts';

export interface PartEvents {
  /** `through`: the repair it came with. Its recheck looks at what that touched, so the check before still counts. */
  'part.fitted': {
    bikeId: string;
    fitmentId: string;
    part: Part;
    position: FitmentPosition;
    anyway: string;
    through?: string;
  };
  'part.removed': { bikeId: string; fitmentId: string; through?: string };
  'stock.item-set': { itemId: string; item: Omit<StockItem, 'id' | 'onHand'> };
  /** A difference, whatever it was made from. */
  'stock.counted': { itemId: string; by: number; why: CountReason; note: string };
}
