import { nonce } from '../theme/DimProvider';
import { footed, SHEETS, type SheetId } from './sheets';

/** How the pages are cut, and what stands at the foot of each. */
export function PageFoot({ size, foot, isWide = false }: { size: SheetId; foot: string; isWide?: boolean }) {
    return <style nonce={nonce}>{`@page { size: ${SHEETS[size].page}${isWide ? ' landscape' : ''}; margin: 14mm 14mm 16mm; @bottom-left { content: ${footed(foot)}; font: 8pt sans-serif; } @bottom-right { content: counter(page) " of " counter(pages); font: 8pt sans-serif; } }`}</style>;
}
