import { infiniteQueryOptions, queryOptions } from '@tanstack/react-query';
import { call, callPage, type Page } from './client';
import type { Answer, AuditPage, BenchData, Brief, Card, Comparison, Cost, DishSummary, FaultKind, FileForm, Health, Label, Learning, LineageNode, LinkFor, Lot, MadeOfLot, Making, Menu, Method, Notebook, OpenLink, OpenSession, Payments, Person, Plan, PotLadder, PriceList, Protocol, ReadingChanges, Removed, RevisionComparison, RevisionEntry, Run, RunHead, SchoolChoices, Service, ServiceHead, ServicePull, ServiceShopping, Session, ShelfEntry, ShelfIngredient, SkillProgress, Specification, Studio, Tasting, TastingHead, TastingTable, Teaching, Token, TraceStep, Waiting } from './types';

/** The first of the dishes that are found by a word: those on the counter, or those put away. */
export const dishesQuery = (sought = '', state: '' | 'away' = '') =>
    queryOptions({
        queryKey: ['dishes', sought, state],
        queryFn: ({ signal }) => {
            const asked = new URLSearchParams({ ...(sought && { q: sought }), ...(state && { state }) });
            return call<DishSummary[]>('GET', asked.size > 0 ? `dishes?${asked.toString()}` : 'dishes', undefined, signal);
        },
    });

/** What dishes are asked for by; '' where it does not matter. Diets and allergens with commas between. */
export interface Asked {
    q: string;
    family: string;
    diet: string;
    free: string;
    state: string;
    sort: string;
}

/** Dishes as they are asked for, a page at a time. */
export const foundQuery = (asked: Partial<Asked>) =>
    infiniteQueryOptions({
        queryKey: ['dishes', 'found', asked],
        queryFn: ({ pageParam, signal }) => {
            const said = new URLSearchParams(Object.entries({ ...asked, cursor: pageParam }).filter(([, value]) => value !== ''));
            return callPage<DishSummary>(`dishes${said.size > 0 ? `?${said.toString()}` : ''}`, signal);
        },
        initialPageParam: '',
        getNextPageParam: (page: Page<DishSummary>) => page.next,
    });

/** What is due and what waits for a decision, over all dishes. */
export const waitingQuery = () => queryOptions({ queryKey: ['dishes', 'waiting'], queryFn: ({ signal }) => call<Waiting>('GET', 'waiting', undefined, signal) });

/** Who is signed in, at which studio, as what. */
export const sessionQuery = () => queryOptions({ queryKey: ['session'], queryFn: ({ signal }) => call<Session>('GET', 'session', undefined, signal), staleTime: Infinity });

export const sessionsQuery = () => queryOptions({ queryKey: ['sessions'], queryFn: ({ signal }) => call<OpenSession[]>('GET', 'sessions', undefined, signal) });

export const peopleQuery = () => queryOptions({ queryKey: ['people'], queryFn: ({ signal }) => call<Person[]>('GET', 'people', undefined, signal) });

export const openLinksQuery = () => queryOptions({ queryKey: ['people', 'links'], queryFn: ({ signal }) => call<OpenLink[]>('GET', 'people/links', undefined, signal) });

export const linkQuery = (secret: string) => queryOptions({ queryKey: ['link', secret], queryFn: ({ signal }) => call<LinkFor>('GET', `links/${encodeURIComponent(secret)}`, undefined, signal), retry: false });

export const tokensQuery = () => queryOptions({ queryKey: ['tokens'], queryFn: ({ signal }) => call<Token[]>('GET', 'tokens', undefined, signal) });

export const healthQuery = () => queryOptions({ queryKey: ['health'], queryFn: ({ signal }) => call<Health>('GET', 'health', undefined, signal) });

export const auditQuery = () =>
    infiniteQueryOptions({
        queryKey: ['audit'],
        queryFn: ({ pageParam, signal }) => call<AuditPage>('GET', `audit${pageParam === null ? '' : `?before=${pageParam}`}`, undefined, signal),
        initialPageParam: null as number | null,
        getNextPageParam: (page: AuditPage) => page.next,
    });

export const studioQuery = () => queryOptions({ queryKey: ['studio'], queryFn: ({ signal }) => call<Studio>('GET', 'studio', undefined, signal), staleTime: Infinity });

export const versionQuery = (id: number) =>
    queryOptions({ queryKey: ['version', id], queryFn: ({ signal }) => call<BenchData>('GET', `versions/${id}`, undefined, signal), staleTime: 0 });

export const routesQuery = (id: number, revision: number, brief: Brief) =>
    queryOptions({
        queryKey: ['routes', id, revision, brief],
        queryFn: ({ signal }) => call<Answer>('POST', `versions/${id}/routes`, brief, signal),
        staleTime: Infinity,
    });

/** What each guest may have: of a dish (`dish=3`), of a service (`service=2`), or of all there is (nothing); read anew each time it is opened. */
export const menuQuery = (of: string) => infiniteQueryOptions({
    queryKey: ['menu', of],
    queryFn: ({ pageParam, signal }) => call<Menu>('GET', `menu?${of}${pageParam === 0 ? '' : `&after=${pageParam}`}`, undefined, signal),
    initialPageParam: 0,
    getNextPageParam: (page: Menu) => page.next ?? undefined,
    staleTime: 0,
});

/** What a version costs by the prices of a day, against those of another; '' for today, and for none. */
export const costQuery = (version: number, asOf: string, since: string) => queryOptions({ queryKey: ['cost', version, asOf, since], queryFn: ({ signal }) => call<Cost>('GET', `versions/${version}/cost?${new URLSearchParams({ ...(asOf && { as_of: asOf }), ...(since && { since }) }).toString()}`, undefined, signal) });

export const filesQuery = (version: number) => queryOptions({ queryKey: ['files', version], queryFn: ({ signal }) => call<FileForm[]>('GET', `versions/${version}/files`, undefined, signal) });

export const specificationQuery = (version: number) => queryOptions({ queryKey: ['specification', version], queryFn: ({ signal }) => call<Specification>('GET', `versions/${version}/specification`, undefined, signal) });

export const cardQuery = (id: number) => queryOptions({ queryKey: ['card', id], queryFn: ({ signal }) => call<Card>('GET', `versions/${id}/card`, undefined, signal) });

export const makingQuery = (id: number) => queryOptions({ queryKey: ['version', id, 'making'], queryFn: ({ signal }) => call<Making>('GET', `versions/${id}/making`, undefined, signal) });

export const trialsQuery = (asked: { q: string; found: string } = { q: '', found: '' }) =>
    infiniteQueryOptions({
        queryKey: ['trials', asked],
        queryFn: ({ pageParam, signal }) => call<Notebook>('GET', `trials?${new URLSearchParams({ ...(asked.q && { q: asked.q }), ...(asked.found && { found: asked.found }), ...(pageParam !== null && { before: String(pageParam) }) }).toString()}`, undefined, signal),
        initialPageParam: null as number | null,
        getNextPageParam: (page: Notebook) => page.next,
    });

export const shelfQuery = () => queryOptions({ queryKey: ['shelf'], queryFn: ({ signal }) => call<ShelfEntry[]>('GET', 'shelf', undefined, signal), staleTime: 60_000 });

export const ingredientQuery = (id: string) => queryOptions({ queryKey: ['shelf', id], queryFn: ({ signal }) => call<ShelfIngredient>('GET', `shelf/${id}`, undefined, signal) });

/** Lots of an ingredient that came in, the latest first. */
export const lotsQuery = (ingredient: string) => queryOptions({ queryKey: ['lots', ingredient], queryFn: ({ signal }) => call<Lot[]>('GET', `shelf/${ingredient}/lots`, undefined, signal) });

/** Lots a trial of a version can have been made of. */
export const lotsWithinQuery = (version: number) => queryOptions({ queryKey: ['lots', 'within', version], queryFn: ({ signal }) => call<Lot[]>('GET', `versions/${version}/lots`, undefined, signal) });

export const madeOfLotQuery = (lot: number) => queryOptions({ queryKey: ['lots', 'made', lot], queryFn: ({ signal }) => call<MadeOfLot[]>('GET', `lots/${lot}/trials`, undefined, signal) });

export const removedQuery = () => queryOptions({ queryKey: ['removed'], queryFn: ({ signal }) => call<Removed>('GET', 'removed', undefined, signal) });

export const whyQuery = (version: number, revision: number, path: string) =>
    queryOptions({ queryKey: ['why', version, revision, path], queryFn: ({ signal }) => call<TraceStep>('GET', `versions/${version}/why?path=${encodeURIComponent(path)}`, undefined, signal), staleTime: Infinity });

/** What would pay what nobody pays in a layer. */
export const paymentsQuery = (version: number, revision: number, layer: number) =>
    queryOptions({ queryKey: ['payments', version, revision, layer], queryFn: ({ signal }) => call<Payments>('GET', `versions/${version}/payments?layer=${layer}`, undefined, signal), staleTime: Infinity });

export const refreshQuery = (version: number, revision: number) =>
    queryOptions({ queryKey: ['refresh', version, revision], queryFn: ({ signal }) => call<ReadingChanges>('GET', `versions/${version}/refresh`, undefined, signal) });

export const schoolsQuery = () =>
    queryOptions({ queryKey: ['schools'], queryFn: ({ signal }) => call<SchoolChoices>('GET', 'schools', undefined, signal) });

export const compareQuery = (a: number, b: number) => queryOptions({ queryKey: ['compare', a, b], queryFn: ({ signal }) => call<Comparison>('GET', `versions/${a}/compare/${b}`, undefined, signal) });

/** A version's revisions, the latest first, a page at a time. */
export const historyQuery = (id: number) =>
    infiniteQueryOptions({
        queryKey: ['history', id],
        queryFn: ({ pageParam, signal }) => call<RevisionEntry[]>('GET', `versions/${id}/revisions${pageParam === null ? '' : `?before=${pageParam}`}`, undefined, signal),
        initialPageParam: null as number | null,
        getNextPageParam: (page: RevisionEntry[]) => (page.length > 0 && (page.at(-1)?.number ?? 1) > 1 ? (page.at(-1)?.number ?? null) : null),
    });

export const revisionsQuery = (id: number, a: number, b: number) =>
    queryOptions({ queryKey: ['revisions', id, a, b], queryFn: ({ signal }) => call<RevisionComparison>('GET', `versions/${id}/revisions/${a}/compare/${b}`, undefined, signal), staleTime: Infinity });

export const servicesQuery = () => queryOptions({ queryKey: ['services'], queryFn: ({ signal }) => call<ServiceHead[]>('GET', 'services', undefined, signal) });

export const serviceQuery = (id: number) => queryOptions({ queryKey: ['service', id], queryFn: ({ signal }) => call<Service>('GET', `services/${id}`, undefined, signal) });

/**
 * The plan of a service, read anew every minute while it is under way.
 *
 * @param from the moment it is planned from, asked when it is read; null where it is planned as if there were all the time
 */
export const planQuery = (id: number, from: (() => string) | null) =>
    queryOptions({
        queryKey: ['service', id, 'plan', from !== null],
        queryFn: ({ signal }) => call<Plan>('GET', `services/${id}/plan${from === null ? '' : `?now=${from()}`}`, undefined, signal),
        ...(from === null ? {} : { refetchInterval: 60_000 }),
    });

export const methodQuery = (version: number) => queryOptions({ queryKey: ['method', version], queryFn: ({ signal }) => call<Method>('GET', `versions/${version}/method`, undefined, signal) });

export const runsQuery = () => queryOptions({ queryKey: ['runs'], queryFn: ({ signal }) => call<RunHead[]>('GET', 'runs', undefined, signal) });

/** Runs in which a version was made. */
export const runsOfQuery = (version: number) => queryOptions({ ...runsQuery(), select: (all) => all.filter((one) => one.version_id === version) });

export const runQuery = (id: number) => queryOptions({ queryKey: ['run', id], queryFn: ({ signal }) => call<Run>('GET', `runs/${id}`, undefined, signal) });

export const shoppingQuery = (id: number) => queryOptions({ queryKey: ['service', id, 'shopping'], queryFn: ({ signal }) => call<ServiceShopping>('GET', `services/${id}/shopping`, undefined, signal) });

export const priceListsQuery = () => queryOptions({ queryKey: ['price-lists'], queryFn: ({ signal }) => call<PriceList[]>('GET', 'price-lists', undefined, signal) });

export const servicePullQuery = (id: number) => queryOptions({ queryKey: ['service', id, 'pull'], queryFn: ({ signal }) => call<ServicePull>('GET', `services/${id}/pull`, undefined, signal) });

export const learningQuery = () => queryOptions({ queryKey: ['trials', 'learning'], queryFn: ({ signal }) => call<Learning>('GET', 'learning', undefined, signal) });

export const protocolsQuery = () => queryOptions({ queryKey: ['protocols'], queryFn: ({ signal }) => call<Protocol[]>('GET', 'protocols', undefined, signal), staleTime: Infinity });

export const laddersQuery = () => queryOptions({ queryKey: ['ladders'], queryFn: ({ signal }) => call<PotLadder[]>('GET', 'ladders', undefined, signal) });

export const teachingQuery = (version: number) => queryOptions({ queryKey: ['version', version, 'teaching'], queryFn: ({ signal }) => call<Teaching[]>('GET', `versions/${version}/teaching`, undefined, signal) });

export const faultsQuery = () => queryOptions({ queryKey: ['faults'], queryFn: ({ signal }) => call<FaultKind[]>('GET', 'faults', undefined, signal), staleTime: Infinity });

export const tastingsQuery = () => queryOptions({ queryKey: ['tastings'], queryFn: ({ signal }) => call<TastingHead[]>('GET', 'tastings', undefined, signal) });

/** Looked at again while it is open: seats are taken elsewhere. */
export const tastingQuery = (id: number) => queryOptions({ queryKey: ['tastings', id], queryFn: ({ signal }) => call<Tasting>('GET', `tastings/${id}`, undefined, signal), refetchInterval: (query) => (query.state.data?.closed_at === null ? 4_000 : false) });

export const tableQuery = (code: string) => queryOptions({ queryKey: ['table', code], queryFn: ({ signal }) => call<TastingTable>('GET', `tables/${encodeURIComponent(code)}`, undefined, signal), retry: false });

export const schoolQuery = () => queryOptions({ queryKey: ['school'], queryFn: ({ signal }) => call<SkillProgress[]>('GET', 'school', undefined, signal) });

export const lineageQuery = (dish: number) => queryOptions({ queryKey: ['dishes', dish, 'lineage'], queryFn: ({ signal }) => call<LineageNode[]>('GET', `dishes/${dish}/lineage`, undefined, signal) });

export const treeCompareQuery = (dish: number, a: number, b: number) => queryOptions({ queryKey: ['dishes', dish, 'compare', a, b], queryFn: ({ signal }) => call<RevisionComparison>('GET', `dishes/${dish}/compare/${a}/${b}`, undefined, signal) });

export const labelQuery = (version: number, regime: string) => queryOptions({ queryKey: ['card', version, 'label', regime], queryFn: ({ signal }) => call<Label>('GET', `versions/${version}/label?regime=${regime}`, undefined, signal) });
