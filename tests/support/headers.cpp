// Nothing: its precompiled headers are what other tests take from here.
