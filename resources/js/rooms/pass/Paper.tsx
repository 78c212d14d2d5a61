import Box from '@mui/material/Box';
import type { ReactNode } from 'react';
import type { Card } from '../../api/types';
import { longDay } from '../../shared/numbers';
import { PageFoot } from '../../shared/PageFoot';
import { SHEETS, type SheetId } from '../../shared/sheets';

interface Props {
    card: Card;
    /** What the paper is, "Batch card"; a recipe card says so by itself. */
    name: string;
    size: SheetId;
    children: ReactNode;
    /** A word for whoever reads the screen, where it is not the name with the dish. */
    label?: string;
}

/** A paper as it prints: of which dish, version and revision, of what day, and on its face whether it is final. */
export function Paper({ card, name, size, children, label }: Props) {
    const foot = `${card.title}, ${card.version}, revision ${card.revision} of ${longDay(card.revised_at)}. ${card.final ? '' : 'NOT FINAL. '}${name}`;
    return (
        <Box component="article" className="sheet" aria-label={label ?? `${name} of ${card.title}, ${card.version}`} sx={{ bgcolor: 'var(--panel)', border: '1.5px solid var(--rim)', borderRadius: '11px', p: '22px 28px', boxSizing: 'content-box', width: SHEETS[size].wide, maxWidth: 'calc(100% - 60px)', fontSize: 'var(--text-body)', '@media print': { width: 'auto', maxWidth: 'none' } }}>
            <PageFoot size={size} foot={foot} />
            <Box sx={{ display: 'flex', alignItems: 'baseline', columnGap: 2, flexWrap: 'wrap' }}>
                <h2 className="name" style={{ margin: 0, fontSize: 'var(--text-room)' }}>
                    {card.title}
                </h2>
                <span style={{ fontSize: 'var(--text-title)' }}>{card.version}</span>
                <Box sx={{ flex: 1 }} />
                <strong style={{ fontSize: 'var(--text-title)' }}>{name}</strong>
            </Box>
            <Box sx={{ color: 'var(--ink-soft)', fontSize: 'var(--text-small)' }}>revision {card.revision} of {longDay(card.revised_at)}</Box>
            {!card.final && (
                <Box role="alert" sx={{ border: '2px solid var(--beet)', borderRadius: '9px', p: '8px 12px', my: 1, '@media print': { borderWidth: '3px' } }}>
                    <strong style={{ color: 'var(--beet)' }}>Not final: not to be cooked, sold or labelled from.</strong>
                    <ul style={{ margin: '4px 0 0', paddingLeft: 18 }}>
                        {card.open.map((question) => (
                            <li key={question}>{question}</li>
                        ))}
                    </ul>
                </Box>
            )}
            {children}
        </Box>
    );
}

/** A heading with the rule above it, so that a paper is read in parts. */
export function Part({ title, children, mayBreak = false }: { title: string; children: ReactNode; mayBreak?: boolean }) {
    return (
        <Box component="section" sx={{ borderTop: '1.5px solid var(--rim)', pt: 1, mt: 1.5, breakInside: mayBreak ? 'auto' : 'avoid-page' }}>
            <h3 className="name" style={{ margin: '0 0 4px', fontSize: 'var(--text-title)', breakAfter: 'avoid' }}>{title}</h3>
            {children}
        </Box>
    );
}

/** A table on a paper: the first column to the left, figures to the right, a fine rule under each row. */
export const ruled = {
    borderCollapse: 'collapse', width: '100%', fontVariantNumeric: 'tabular-nums',
    '& th, & td': { textAlign: 'left', fontWeight: 400, p: '3px 8px 3px 0', borderBottom: '1px solid var(--line)', verticalAlign: 'top' },
    '& thead th': { color: 'var(--ink-soft)', fontSize: 'var(--text-small)' },
    '& tr': { breakInside: 'avoid' },
    '& .n': { textAlign: 'right', whiteSpace: 'nowrap' },
} as const;
