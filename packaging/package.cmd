@echo off
rem An installer (MSI) where the WiX toolset is on the path, else an application image; called by amber.cmd package.
setlocal EnableExtensions EnableDelayedExpansion
set "here=%~dp0..\"
set "jdk=%JAVA_HOME%"
if not defined jdk (
  echo amber: set JAVA_HOME to a JDK 25 or newer. 1>&2
  exit /b 1
)
set "out=%here%target\package"
set "work=%out%\work"
if exist "%out%" rmdir /s /q "%out%"
mkdir "%work%\input\javafx"
for %%m in (desktop cli) do (
  copy /y "%here%%%m\target\%%m-0.1.0.jar" "%work%\input" >nul
  set /p classes=<"%here%%%m\target\classpath"
  for %%j in ("!classes:;=" "!") do copy /y "%%~j" "%work%\input" >nul
)
del "%work%\input\junit-4*.jar" "%work%\input\hamcrest-*.jar" 2>nul
copy /y "%here%desktop\target\javafx\*.jar" "%work%\input\javafx" >nul
xcopy /s /q /i "%here%demo\fernhollow" "%work%\input\demo" >nul
copy /y "%here%LICENSE" "%work%\input" >nul
"%jdk%\bin\jlink" --add-modules java.base,java.desktop,java.instrument,java.logging,java.management,java.naming,java.net.http,java.scripting,java.sql,java.xml,jdk.crypto.ec,jdk.incubator.vector,jdk.unsupported,jdk.zipfs ^
  --strip-debug --no-header-files --no-man-pages --generate-cds-archive --output "%work%\runtime" || exit /b 1
>"%work%\amber-commands.properties" (
  echo main-class=amberlens.cli.Main
  echo main-jar=cli-0.1.0.jar
  echo win-console=true
  echo java-options=--add-modules=jdk.incubator.vector -XX:MaxRAMPercentage=50 --enable-native-access=ALL-UNNAMED --sun-misc-unsafe-memory-access=allow -Djava.awt.headless=true -XX:+AutoCreateSharedArchive -XX:SharedArchiveFile=$APPDIR\\commands.jsa -Xlog:cds*=off -Xlog:aot*=off
)
set "kind=app-image"
where wix >nul 2>&1 && set "kind=msi"
where candle >nul 2>&1 && set "kind=msi"
set "installer="
if "%kind%"=="msi" set installer=--win-menu --win-shortcut --win-dir-chooser --file-associations "%here%packaging\amber.association"
"%jdk%\bin\jpackage" --type %kind% --name "Amber Lens" --app-version 0.1.0 --vendor "Amber Lens" %installer% ^
  --input "%work%\input" --main-jar desktop-0.1.0.jar --main-class amberlens.desktop.Main --runtime-image "%work%\runtime" ^
  --add-launcher "amber=%work%\amber-commands.properties" ^
  --java-options "--add-modules=jdk.incubator.vector" --java-options "--enable-native-access=ALL-UNNAMED" ^
  --java-options "--sun-misc-unsafe-memory-access=allow" --java-options "-Djava.awt.headless=true" ^
  --java-options "-Dprism.forceUploadingPainter=false" --java-options "-Damber.demo=$APPDIR\demo\fernhollow.amber" ^
  --java-options "--module-path=$APPDIR\javafx" --java-options "--add-modules=javafx.controls" ^
  --java-options "--enable-native-access=javafx.graphics" --java-options "-XX:+AutoCreateSharedArchive" ^
  --java-options "-XX:SharedArchiveFile=$APPDIR\window.jsa" --java-options "-Xlog:cds*=off" --java-options "-Xlog:aot*=off" ^
  --dest "%out%" || exit /b 1
rmdir /s /q "%work%"
echo %out%
