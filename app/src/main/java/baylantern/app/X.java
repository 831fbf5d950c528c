package baylantern.app;
/** Placeholder. */ final class X { private X() {} }
