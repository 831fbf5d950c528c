@echo off
rem Bay Lantern, ready to run: needs a Java runtime, 17 or newer, and nothing else.
setlocal
set "here=%~dp0"
where java >nul 2>nul
if errorlevel 1 (
  echo Java is missing. Install a runtime, 17 or newer.
  exit /b 2
)
if "%~1"=="" goto help
if "%~1"=="help" goto help

rem What this machine's Java learns of the classes at the first start makes every other start quick.
if exist "%here%run\classes.jsa" goto learned
echo First start: a moment more, once.
mkdir "%here%run\first" 2>nul
copy /y "%here%demo-farm\farm.*" "%here%run\first\" >nul
java "@%here%options" -XX:ArchiveClassesAtExit="%here%run\classes.jsa" -jar "%here%run\bay-lantern.jar" grow --data "%here%run\first" >nul 2>nul
rmdir /s /q "%here%run\first" 2>nul
:learned

rem The word start is the starter's own; the others are the application's.
set "words=%*"
if "%~1"=="start" set "words=%words:~5%"
if not "%~1"=="demo" goto run

set "farm=%USERPROFILE%\bay-lantern-demo"
set "words=--demo --data "%farm%" %words:~4%"
if "%~2"=="--keep" (
  set "words=--demo --data "%farm%" %3 %4"
  if exist "%farm%" goto run
)
rmdir /s /q "%farm%" 2>nul
mkdir "%farm%" 2>nul
copy /y "%here%demo-farm\farm.*" "%farm%\" >nul

:run
java "@%here%options" -XX:SharedArchiveFile="%here%run\classes.jsa" -jar "%here%run\bay-lantern.jar" %words%
exit /b

:help
echo lantern demo [--keep] [--port N]                        the demo farm, fresh each time unless --keep
echo lantern start [--data DIR] [--port N] [--copies DIR] [--share [--share-port N]]   your own farm; --share lets phones in
echo lantern import FILE [--data DIR] [--dry-run] [--json]   bring in an old notebook without the screen
echo lantern restore COPY [--data DIR]                       go back to a copy of the farm
echo lantern check [--data DIR]                              looks through a farm and says what is wrong where
