import { configure } from '@testing-library/react';

// What a screen does later is waited for, however slow the machine.
configure({ asyncUtilTimeout: 60_000 });
