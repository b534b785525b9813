@echo off
rem Promedio from its sources, on Windows. Nobody has tried this file on Windows yet; it does what the
rem shell script beside it does, without its checks: promedio [COMMAND ...], promedio test, promedio package.
setlocal
set "HERE=%~dp0"
set "APP=%HERE%desktop\target\app"
if "%~1"=="test" (
  pushd "%HERE%" && call mvn -B -ntp verify & popd
  exit /b
)
if not exist "%APP%" call :build || exit /b 1
if "%~1"=="package" goto package
java -cp "%APP%\*" promedio.desktop.Main %*
exit /b

:build
pushd "%HERE%"
call mvn -B -ntp -Dmaven.test.skip=true -Dspotless.check.skip=true -pl core,files,graph,document,desktop package || (popd & exit /b 1)
copy /y desktop\target\promedio-desktop-*.jar "%APP%" >nul
popd
exit /b 0

:package
set "OUT=%HERE%desktop\target\package"
if exist "%OUT%" rmdir /s /q "%OUT%"
mkdir "%OUT%\input\licences"
copy /y "%APP%\*.jar" "%OUT%\input" >nul
del /q "%OUT%\input\openjfx-monocle-*.jar"
copy /y "%HERE%desktop\target\licences\THIRD-PARTY.txt" "%OUT%\input\licences" >nul
copy /y "%HERE%LICENSE" "%OUT%\input\licences\promedio.txt" >nul
jpackage --type app-image --name Promedio --app-version 0.1.0 --vendor Promedio --input "%OUT%\input" --main-jar promedio-desktop-0.1.0.jar --main-class promedio.desktop.Main --add-modules java.base,java.desktop,java.logging,java.naming,java.xml,jdk.charsets,jdk.unsupported --dest "%OUT%" || exit /b 1
powershell -NoProfile -Command "Compress-Archive -Force '%OUT%\Promedio' '%OUT%\promedio-windows.zip'"
exit /b
