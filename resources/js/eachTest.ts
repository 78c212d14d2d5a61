import { cleanup } from '@testing-library/react';
import { afterEach, beforeEach } from 'vitest';

// Test files share one document: what one leaves on it, by React or by hand, the next must not find.
function clear() {
    cleanup();
    document.body.replaceChildren();
}

beforeEach(clear);
afterEach(clear);
