@echo off
rem Starts Amber Lens, its commands and its package on Windows, with the same words as amber elsewhere. Needs a JDK of at least
rem 25 (JAVA_HOME or on the path) and Maven (mvn on the path) to build.
setlocal EnableExtensions EnableDelayedExpansion
set "here=%~dp0"
set "SVT_LOG=1"
set "java=java"
if defined JAVA_HOME set "java=%JAVA_HOME%\bin\java.exe"
"%java%" --version >nul 2>&1 || (
  echo amber: no JDK was found; install JDK 25 or newer and set JAVA_HOME to it. 1>&2
  exit /b 1
)
for /f "tokens=2 delims=. " %%v in ('"%java%" --version 2^>nul ^| findstr /b /i "openjdk java"') do set "feature=%%v"
if !feature! lss 25 (
  echo amber: JDK 25 or newer is needed, not !feature!; set JAVA_HOME to it. 1>&2
  exit /b 1
)
set "verb=%~1"
if "%verb%"=="-h" goto usage
if "%verb%"=="--help" goto usage
if "%verb%"=="help" goto usage
if not exist "%here%target\built" (
  echo Building Amber Lens ... 1>&2
  pushd "%here%"
  set "MAVEN_OPTS=--sun-misc-unsafe-memory-access=allow -XX:TieredStopAtLevel=1 %MAVEN_OPTS%"
  call mvn -B -q -Dstyle.color=never -T 2 -Dquick -pl cli,desktop -am package || (popd & exit /b 1)
  if not exist target mkdir target
  type nul >target\built
  popd
)
set options=--add-modules=jdk.incubator.vector -XX:MaxRAMPercentage=50 -XX:+ExplicitGCInvokesConcurrent ^
 --enable-native-access=ALL-UNNAMED --sun-misc-unsafe-memory-access=allow -Djava.awt.headless=true
for %%c in (check seal frame render join film sheet move take info completion man --version) do (
  if "%verb%"=="%%c" goto commands
)
if "%verb%"=="package" goto package
set /p classes=<"%here%desktop\target\classpath"
set window=-Dprism.forceUploadingPainter=false "-Damber.demo=%here%demo\fernhollow\fernhollow.amber" ^
 --module-path "%here%desktop\target\javafx" --add-modules javafx.controls --enable-native-access=javafx.graphics ^
 -cp "%here%desktop\target\desktop-0.1.0.jar;!classes!"
if "%verb%"=="shoot" (
  "%java%" %options% -Dglass.platform=Headless -Dprism.order=sw %window% amberlens.desktop.Shoot %2 %3 %4 %5 %6 %7 %8 %9
  exit /b !errorlevel!
)
if "%verb%"=="demo" (
  "%java%" %options% %window% amberlens.desktop.Main "%here%demo\fernhollow\fernhollow.amber"
  exit /b !errorlevel!
)
"%java%" %options% %window% amberlens.desktop.Main %*
exit /b %errorlevel%

:commands
set /p classes=<"%here%cli\target\classpath"
"%java%" %options% -cp "%here%cli\target\cli-0.1.0.jar;!classes!" amberlens.cli.Main %*
exit /b %errorlevel%

:package
call "%here%packaging\package.cmd"
exit /b %errorlevel%

:usage
echo Usage: amber.cmd [FILE.amber]        opens the application
echo        amber.cmd demo                opens it with the demo project
echo        amber.cmd COMMAND [OPTIONS]   check, seal, frame, render, join, film, sheet, move, take, info, shoot, package
echo                                      each but package has --help
exit /b 0
