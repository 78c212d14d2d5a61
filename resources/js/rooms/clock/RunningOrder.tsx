import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Service } from '../../api/types';
import { minutes } from '../../shared/numbers';
import { Panel } from '../../shared/Panel';
import type { Block } from './lanes';
import { clockOf, dayOf, wallNow } from '../../shared/moment';
import { useSay } from './useService';
import { Only } from '../../shared/Only';

/** What is done when, by whom, day by day: what hangs on the wall. */
export function RunningOrder({ blocks, service, at, onAt }: { blocks: readonly Block[]; service: Service; at: string | null; onAt: (key: string) => void }) {
    const say = useSay(service);
    const days = [...new Set(blocks.map((block) => dayOf(block.from)))];
    return (
        <Panel component="section" aria-labelledby="order-title" className="sheet">
            <h2 id="order-title" className="name" style={{ margin: 0, fontSize: 'var(--text-title)' }}>The running order</h2>
            <Box sx={{ '@media print': { columns: 2, columnGap: '16px' } }}>
                {days.map((day) => (
                    <Box key={day} component="section" aria-label={day}>
                        <h3 className="name" style={{ margin: '8px 0 2px', fontSize: 'var(--text-head)' }}>{day}</h3>
                        <Box component="ol" sx={{ listStyle: 'none', m: 0, p: 0 }}>
                            {blocks.filter((block) => dayOf(block.from) === day).map((block) => {
                                const { step } = block;
                                const item = step.item === null ? null : service.items[step.item];
                                const isOver = step.state === 'done';
                                return (
                                    <Box
                                        component="li" key={block.key}
                                        sx={{ display: 'grid', gridTemplateColumns: { xs: '52px 1fr auto', sm: '52px 62px 1fr auto' }, gap: 1, alignItems: 'baseline', borderTop: '1px solid var(--line)', py: '3px', bgcolor: block.key === at ? 'var(--cobalt-wash)' : undefined, color: isOver ? 'var(--ink-soft)' : undefined, breakInside: 'avoid', '@media print': { fontSize: '8.5pt', lineHeight: 1.25, py: '1.5px', gap: '4px', alignItems: 'start', gridTemplateColumns: '38px 42px 1fr' } }}
                                    >
                                        <span className="figure">{clockOf(block.from)}</span>
                                        <Box component="span" sx={{ color: 'var(--ink-soft)', display: { xs: 'none', sm: 'inline' } }}>{step.cook === null ? step.station : `cook ${step.cook}`}</Box>
                                        <span>
                                            <Box component="button" type="button" onClick={() => onAt(block.key)} sx={{ font: 'inherit', color: 'inherit', border: 0, p: 0, background: 'none', textAlign: 'left', cursor: 'pointer', '&:hover': { color: 'var(--cobalt)' }, '@media print': { display: 'contents' } }}>
                                                {item && <strong>{item.dish}{item.version === 'Original' ? '' : `, ${item.version}`}: </strong>}
                                                {step.text}
                                            </Box>
                                            <Box component="span" sx={{ color: 'var(--ink-soft)', fontSize: 'var(--text-small)', '@media print': { fontSize: '8pt' } }}>
                                                {' '}
                                                {step.batch !== undefined && `batch ${step.batch}, `}
                                                {step.hands_on_min > 0 && minutes(step.hands_on_min)}
                                                {block.to - block.hands >= 1 && `${step.hands_on_min > 0 ? ', then ' : ''}${minutes(block.to - block.hands)} waiting, till ${clockOf(block.to)}`}
                                            </Box>
                                        </span>
                                        <span className="no-print">
                                            {step.state === 'begun' && <Box component="span" sx={{ color: 'var(--yolk)', mr: 1 }}>begun</Box>}
                                            {item && step.kind !== 'clean' && !isOver && (
                                                <Only to="record"><Button size="small" onClick={() => say.mutate({ step, state: 'done', at: wallNow() })} aria-label={`Done: ${item.dish}, ${step.text}`} sx={{ py: 0, minHeight: 'var(--press-small)' }}>
                                                    done
                                                </Button></Only>
                                            )}
                                            {isOver && <span style={{ color: 'var(--herb)' }}>done</span>}
                                        </span>
                                    </Box>
                                );
                            })}
                        </Box>
                    </Box>
                ))}
            </Box>
        </Panel>
    );
}
