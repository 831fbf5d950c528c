@echo off
rem Bay Lantern, ready to run: needs a Java runtime, 17 or newer, and nothing else.
setlocal
set "run=%~dp0run"
where java >nul 2>nul
if errorlevel 1 (
  echo Java is missing. Install a runtime, 17 or newer.
  exit /b 2
)
set "flags=-XX:+UseSerialGC -Xlog:cds=off -Xlog:cds+dynamic=off"
if "%~1"=="" goto help
if "%~1"=="help" goto help

rem What this machine's Java learns of the classes at the first start makes every other start quick.
if exist "%run%\classes.jsa" goto learned
echo First start: a moment more, once.
mkdir "%run%\first" 2>nul
copy /y "%~dp0demo-farm\*" "%run%\first\" >nul
java %flags% -XX:ArchiveClassesAtExit="%run%\classes.jsa" -jar "%run%\bay-lantern.jar" grow --data "%run%\first" >nul 2>nul
rmdir /s /q "%run%\first" 2>nul
:learned
set "go=java %flags% -XX:SharedArchiveFile="%run%\classes.jsa" -Xshare:auto -XX:MetaspaceSize=192m -Xms384m -jar "%run%\bay-lantern.jar""

if "%~1"=="demo" goto demo
if "%~1"=="start" (
  %go% %2 %3 %4 %5 %6 %7 %8 %9
  exit /b
)
%go% %*
exit /b

:demo
set "farm=%USERPROFILE%\bay-lantern-demo"
if "%~2"=="--keep" if exist "%farm%" (
  %go% --demo --data "%farm%" %3 %4
  exit /b
)
rmdir /s /q "%farm%" 2>nul
mkdir "%farm%"
copy /y "%~dp0demo-farm\*" "%farm%\" >nul
if "%~2"=="--keep" (
  %go% --demo --data "%farm%" %3 %4
) else (
  %go% --demo --data "%farm%" %2 %3
)
exit /b

:help
echo lantern start [--data DIR] [--port N] [--copies DIR]    your own farm
echo lantern demo [--keep] [--port N]                        the demo farm, fresh each time unless --keep
echo lantern import FILE [--data DIR] [--dry-run] [--json]   bring in an old notebook without the screen
echo lantern restore COPY [--data DIR]                       go back to a copy of the farm
echo lantern check [--data DIR]                              looks through a farm and says what is wrong where
echo To start it with the computer: boot\README.md
