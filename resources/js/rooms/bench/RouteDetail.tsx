import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import type { Route } from '../../api/types';
import { grams } from '../../shared/numbers';
import { PropertyRow } from './PropertyRow';
import { asked, ifWords, STANDING } from '../../shared/routeWords';
import { shopping } from './toBuy';
import { WhoPays } from './WhoPays';
import { Only } from '../../shared/Only';

/** A route explained from its numbers: each swap with its reason, fit by property, what stops it, what to mind, how it is made. */
export function RouteDetail({ route, onClose, onTake }: { route: Route; onClose: () => void; onTake: () => void }) {
    return (
        <Dialog open onClose={onClose} maxWidth="md" fullWidth aria-labelledby="route-title">
            <DialogTitle id="route-title" className="name">
                {route.name}
            </DialogTitle>
            <DialogContent>
                <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', md: '1fr 280px' }, gap: 3, fontSize: 'var(--text-plain)' }}>
                    <div>
                        <Box sx={{ mb: 1 }}>
                            <strong style={{ color: STANDING[route.standing].colour }}>{STANDING[route.standing].word}</strong>
                            {[...route.words, ...ifWords(route)].length > 0 && (
                                <ul style={{ margin: '2px 0 0', paddingLeft: 18 }}>
                                    {[...route.words, ...ifWords(route)].map((text) => (
                                        <li key={text}>{text}</li>
                                    ))}
                                </ul>
                            )}
                        </Box>
                        <h3 style={{ margin: '0 0 4px' }}>Who pays</h3>
                        <Box sx={{ mb: 1.5 }}>
                            <WhoPays route={route} />
                        </Box>
                        <h3 style={{ margin: '0 0 4px' }}>Swaps and why</h3>
                        {route.changes.map((change, place) => (
                            <Box key={`${change.layer}${String(place)}`} sx={{ mb: 1.25 }}>
                                <strong className="name">{change.layer}</strong>
                                <div>out: {change.out.map((line) => `${grams(line.grams)} g ${line.name}`).join(', ') || 'nothing'}</div>
                                <div>in: {change.in.map((line) => `${grams(line.grams)} g ${line.name}${line.weigh ? ` (${line.weigh})` : ''}`).join(', ') || 'nothing'}</div>
                                <div style={{ color: 'var(--ink-soft)' }}>{change.why}</div>
                            </Box>
                        ))}
                        <p>To buy: {shopping(route)}</p>
                        {route.new_allergens.length > 0 && <p>Adds the allergen{route.new_allergens.length === 1 ? '' : 's'}: {route.new_allergens.join(', ')}.</p>}
                        {route.blocked_by.length > 0 && (
                            <>
                                <h3 style={{ margin: '8px 0 4px' }}>What holds it back</h3>
                                <ul style={{ margin: 0, paddingLeft: 18 }}>
                                    {route.blocked_by.map((text) => (
                                        <li key={text}>{text}</li>
                                    ))}
                                </ul>
                            </>
                        )}
                        {route.watch.length > 0 && (
                            <>
                                <h3 style={{ margin: '8px 0 4px' }}>To mind</h3>
                                <ul style={{ margin: 0, paddingLeft: 18 }}>
                                    {route.watch.map((warning) => (
                                        <li key={warning.text}>{warning.text}</li>
                                    ))}
                                </ul>
                            </>
                        )}
                        <h3 style={{ margin: '8px 0 4px' }}>How it is made</h3>
                        {route.method.length > 0 ? (
                            <ol style={{ margin: 0, paddingLeft: 0, listStyle: 'none' }}>
                                {route.method.map((step, place) => (
                                    <MethodStep key={place} step={step} />
                                ))}
                            </ol>
                        ) : (
                            <ol style={{ margin: 0, paddingLeft: 20 }}>
                                {route.steps.map((step) => (
                                    <li key={step}>{step}</li>
                                ))}
                            </ol>
                        )}
                    </div>
                    <div>
                        <h3 style={{ margin: '0 0 4px' }}>Fit by property</h3>
                        {Object.entries(route.rails).map(([place, rails]) => (
                            <Box key={place} sx={{ mb: 1 }}>
                                <Box className="name">{route.layers[Number(place)]?.name}</Box>
                                {rails.map((rail) => (
                                    <PropertyRow key={rail.property} rail={rail} />
                                ))}
                            </Box>
                        ))}
                    </div>
                </Box>
            </DialogContent>
            <DialogActions>
                <Button onClick={onClose}>Close</Button>
                <Only to="develop"><Button variant="contained" onClick={onTake}>
                    {asked(route) === '' ? 'Take it' : `${asked(route)}. Take it all the same`}
                </Button></Only>
            </DialogActions>
        </Dialog>
    );
}

const CHANGED = { same: '', edited: 'changed', new: 'new', gone: 'left out' } as const;

/** A step of the maker's own method: to the letter where nothing touches it, else with what has become of it. */
function MethodStep({ step }: { step: Route['method'][number] }) {
    const word = CHANGED[step.changed];
    return (
        <Box component="li" sx={{ pl: 1, mb: 0.75, borderLeft: `3px solid ${word === '' ? 'transparent' : 'var(--cobalt)'}` }}>
            {word !== '' && <Box component="span" sx={{ fontWeight: 650, mr: 0.75 }}>{word}:</Box>}
            {step.changed === 'gone' ? <del style={{ color: 'var(--ink-soft)' }}>{step.was}</del> : <span title={step.changed === 'edited' ? `was: ${step.was}` : undefined}>{step.text}</span>}
        </Box>
    );
}
