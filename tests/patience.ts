// What hangs is ended, what is slow is waited for: no test hangs on the pace of the machine.
jest.setTimeout(300_000);
