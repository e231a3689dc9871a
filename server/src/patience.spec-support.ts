// Specs here start databases, processes and threads, now and then on a machine that is busy with others.
jasmine.DEFAULT_TIMEOUT_INTERVAL = 120_000;
