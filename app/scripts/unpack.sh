#!/bin/sh
# After packaging: unpacks the jar so that it starts quickly, lets it grow the demo farm where that was not done before the
# tests, and keeps what the Java machine learned of its classes on the way. Then says when the build that is now whole began.
set -eu
cd "$(dirname "$0")/../target"
untested=$1
rm -rf run
[ "$untested" = false ] || rm -rf demo-grown
java -Djarmode=tools -jar bay-lantern.jar extract --destination run
java @../../dist/options -XX:TieredStopAtLevel=1 -XX:ArchiveClassesAtExit="$PWD/run/classes.jsa" \
  -jar "$PWD/run/bay-lantern.jar" grow --data demo-grown
(unset JDK_JAVA_OPTIONS JAVA_TOOL_OPTIONS; java -version 2>run/classes.of)
[ ! -f lantern-began ] || mv lantern-began lantern-built
