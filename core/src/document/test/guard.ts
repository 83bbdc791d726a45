import { guardHandedOut } from '../handedOut.ts';

// Before every test file: whoever changes a state or view that it was only shown fails there.
guardHandedOut(true);
