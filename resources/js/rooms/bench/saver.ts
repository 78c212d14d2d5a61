import { Problem } from '../../api/client';
import { newId } from '../../shared/ids';
import type { BenchData, Formula } from '../../api/types';
import { forgetDraft, keepDraft, keptDraft } from './drafts';

export type SaveState = { kind: 'kept' } | { kind: 'saving' } | { kind: 'waiting' | 'refused' | 'conflict'; problem: Problem };

export interface SaverIo {
    /** Sends a formula based on a revision; answers with the saved version. */
    send: (revision: number, formula: Formula, rebalance: boolean, once: string) => Promise<BenchData>;
    /** The revision last seen from the server; null before anything was. */
    revision: () => number | null;
    saved: (data: BenchData) => void;
}

/** What waits to be kept; sent again under the same word, so that it is done once though its answer was lost. */
interface Pending {
    formula: Formula;
    rebalance: boolean;
    once: string;
}

interface Snapshot {
    typed: Formula | null;
    state: SaveState;
}

const CHANGED = { detail: 'This version was changed in another window.', mend: 'Keep yours as a new version, or take theirs. Nothing typed here is lost.' };

/**
 * Keeps what is typed: never more than one save under way, the latest wins, what the server did not take stays on this
 * machine. Outside React, so that it outlives renders and can be tested by itself.
 */
export class Saver {
    private now: Snapshot = { typed: null, state: { kind: 'kept' } };
    private next: Pending | null = null;
    private underWay = false;
    private readonly queue: (() => void)[] = [];
    private timer: ReturnType<typeof setTimeout> | null = null;
    private resumed = false;
    private readonly listeners = new Set<() => void>();

    constructor(
        private readonly version: number,
        private readonly io: SaverIo,
        private readonly retryMs = 2000,
    ) {}

    readonly subscribe = (listener: () => void): (() => void) => {
        this.listeners.add(listener);
        return () => {
            this.listeners.delete(listener);
            if (this.listeners.size === 0 && this.timer) clearTimeout(this.timer);
        };
    };

    readonly snapshot = (): Snapshot => this.now;

    put(formula: Formula, rebalance = false): void {
        this.next = { formula, rebalance, once: newId() };
        this.tell({ typed: formula });
        void this.flush();
    }

    /** Brings back, once, a draft that never reached the server. */
    resume(revision: number): void {
        if (this.resumed) return;
        this.resumed = true;
        const draft = keptDraft(this.version);
        if (!draft) return;
        if (draft.revision === revision) this.put(draft.formula);
        else this.tell({ typed: draft.formula, state: { kind: 'conflict', problem: new Problem(409, CHANGED) } });
    }

    /** Lets go of what is typed: it was kept elsewhere, or is not wanted. */
    letGo(): void {
        this.next = null;
        forgetDraft(this.version);
        this.tell({ typed: null, state: { kind: 'kept' } });
    }

    /** Another write to the version: begins once no save is under way, and none begins before it has ended, so that neither finds the other's revision. */
    async alone(write: (revision: number) => Promise<BenchData>): Promise<void> {
        while (this.underWay) await new Promise<void>((go) => this.queue.push(go));
        const revision = this.io.revision();
        if (revision === null) return;
        this.underWay = true;
        try {
            this.io.saved(await write(revision));
        } finally {
            this.release();
            if (this.isWaiting()) void this.flush();
        }
    }

    private release(): void {
        this.underWay = false;
        this.queue.splice(0).forEach((go) => {
            go();
        });
    }

    private async flush(): Promise<void> {
        const sending = this.next;
        const revision = this.io.revision();
        if (this.underWay || !sending || revision === null) return;
        this.underWay = true;
        this.next = null;
        this.tell({ state: { kind: 'saving' } });
        try {
            const saved = await this.io.send(revision, sending.formula, sending.rebalance, sending.once);
            this.release();
            this.io.saved(saved);
            forgetDraft(this.version);
            if (this.isWaiting()) void this.flush();
            else this.tell({ typed: null, state: { kind: 'kept' } });
        } catch (error) {
            this.release();
            this.failed(error instanceof Problem ? error : new Problem(0, {}), sending, revision);
        }
    }

    private failed(problem: Problem, sent: Pending, revision: number): void {
        const latest = this.next ?? sent;
        keepDraft(this.version, revision, latest.formula);
        if (problem.isPassing) {
            this.next = latest;
            this.tell({ state: { kind: 'waiting', problem } });
            this.timer = setTimeout(() => void this.flush(), this.retryMs);
        } else {
            this.next = null;
            this.tell({ state: { kind: problem.status === 409 || problem.status === 412 ? 'conflict' : 'refused', problem } });
        }
    }

    private isWaiting(): boolean {
        return this.next !== null;
    }

    private tell(change: Partial<Snapshot>): void {
        this.now = { ...this.now, ...change };
        this.listeners.forEach((listener) => listener());
    }
}
