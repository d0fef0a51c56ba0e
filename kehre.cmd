@echo off
rem Starts Kehre on Windows: finds a JDK 25 or newer, builds once, passes its arguments on.
setlocal
set "HOME_DIR=%~dp0"
set "APP=%HOME_DIR%desk\target\app"
set "JAVA="
if defined JAVA_HOME call :try "%JAVA_HOME%\bin\java.exe"
if not defined JAVA for /f "delims=" %%J in ('where java 2^>nul') do call :try "%%J"
if not defined JAVA for /d %%D in ("%ProgramFiles%\Eclipse Adoptium\jdk-*" "%ProgramFiles%\Java\jdk-*") do call :try "%%D\bin\java.exe"
if not defined JAVA (
    echo Kehre needs a JDK 25 or newer ^(for example Eclipse Temurin 25^). Install one, or set JAVA_HOME to it. 1>&2
    exit /b 1
)
if not exist "%APP%\built" (
    echo Building Kehre ... 1>&2
    rem Libraries of a version before would be found beside those of this one.
    if exist "%APP%\lib" rmdir /s /q "%APP%\lib"
    if exist "%APP%\fx" rmdir /s /q "%APP%\fx"
    pushd "%HOME_DIR%"
    call mvn -B -q -DskipTests -pl desk -am package
    if errorlevel 1 (
        popd
        exit /b 1
    )
    popd
    echo Learning to start faster, half a minute ... 1>&2
    set "OPTION=-XX:AOTCacheOutput=%APP%\learnt.aot"
    call :learn >nul 2>&1
    rem Only now: who stops it meanwhile would start slowly for ever after.
    type nul > "%APP%\built"
)
set "OPTION=-XX:AOTMode=auto"
if exist "%APP%\learnt.aot" set "OPTION=-XX:AOTCache=%APP%\learnt.aot"
call :run %*
exit /b %errorlevel%

:run
"%JAVA%" -Xlog:disable -Xlog:all=error:stderr -XX:+UseSerialGC -XX:TieredStopAtLevel=1 "%OPTION%" --module-path "%APP%\fx" --add-modules javafx.controls,javafx.swing --enable-native-access=javafx.graphics,ALL-UNNAMED -cp "%APP%\lib\*" app.kehre.desk.command.Main %*
exit /b %errorlevel%

:learn
setlocal
rem An empty data folder, so that nothing of the user is touched.
set "KEHRE_DATA=%TEMP%\kehre-learn-%RANDOM%"
call :run learn
rmdir /s /q "%KEHRE_DATA%"
endlocal
exit /b 0

:try
if defined JAVA exit /b 0
if not exist "%~1" exit /b 0
for /f "tokens=3" %%V in ('""%~1" -version 2^>^&1 ^| findstr /i version"') do set "VERSION=%%~V"
for /f "delims=.-+ tokens=1" %%M in ("%VERSION%") do if %%M GEQ 25 set "JAVA=%~1"
exit /b 0
