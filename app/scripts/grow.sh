#!/bin/sh
# Before the tests: lets the application as it was compiled grow the demo farm, once for all tests and for the build.
# What runs only once is best compiled simply: the other way costs twice as much of the processor.
set -eu
cd "$(dirname "$0")/../target"
rm -rf demo-grown
exec java -XX:+UseSerialGC -XX:TieredStopAtLevel=1 -cp "$1" baylantern.app.BayLantern grow --data demo-grown
