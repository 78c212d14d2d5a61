import { nonce } from '../theme/DimProvider';
import { today } from './days';
import { longDay } from './numbers';
import { footed, sheetHere, SHEETS, type SheetId } from './sheets';

/** How the pages are cut, and what stands at the foot of each: what it is, the day it is printed, which page of how many. */
export function PageFoot({ foot, size = sheetHere(), isWide = false }: { foot: string; size?: SheetId; isWide?: boolean }) {
    return <style nonce={nonce}>{`@page { size: ${SHEETS[size].page}${isWide ? ' landscape' : ''}; margin: 14mm 14mm 16mm; @bottom-left { content: ${footed(`${foot}, printed ${longDay(today())}`)}; font: 8pt sans-serif; } @bottom-right { content: counter(page) " of " counter(pages); font: 8pt sans-serif; } }`}</style>;
}
