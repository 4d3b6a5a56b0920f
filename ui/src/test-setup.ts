import '@testing-library/jest-dom/vitest';
import { cleanup, configure } from '@testing-library/react';
import { afterEach } from 'vitest';

afterEach(cleanup);

// A busy machine draws late; what is waited for still has to come.
configure({ asyncUtilTimeout: 8_000 });
