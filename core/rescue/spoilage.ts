import { type Spoilage } from '../journal';
import { type Verdict } from './judge';
import { type Signs, befell, shows } from './signs';

/**
 * Why something has to go, for what came from it.
 *
 * @example spoilageOf(judge(signs), signs) // e.g. 'growth'
 */
export function spoilageOf({ kind, because, bySmellAlone }: Verdict, signs: Signs): Spoilage {
  if (kind === 'killed') return 'heat';
  if (befell(signs, 'insects')) return 'insects';
  if (befell(signs, 'hardBits') || because.includes('glass')) return 'hardBits';
  if (befell(signs, 'cleaner')) return 'cleaner';
  if (befell(signs, 'eggOrMilk')) return 'food';
  if (shows(signs, 'foreign')) return 'insects';
  if (bySmellAlone) return 'smell';
  return because.includes('secondLook') ? 'unsure' : 'growth';
}
