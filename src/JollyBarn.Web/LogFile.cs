using System.Globalization;
using Serilog;
using Serilog.Core;
using Serilog.Events;
using Serilog.Sinks.File;

namespace JollyBarn.Web;

/// <summary>The program's own log beside the data file: readable by its owner, and never more than <see cref="Files"/> files of
/// <see cref="Most"/> bytes.</summary>
internal static class LogFile
{
    private const int Most = 2 * 1024 * 1024;
    private const int Files = 4;
    private const string Line = "{Timestamp:yyyy-MM-ddTHH:mm:ss.fffzzz} {Level:u3} {Message:l}{NewLine}{Exception}";

    /// <summary>Opens it. What cannot be written to it is not: a full disk ends no request.</summary>
    /// <param name="data">The data file it belongs to.</param>
    public static Logger Open(string data) =>
        new LoggerConfiguration()
            .MinimumLevel.Information()
            .MinimumLevel.Override("Microsoft", LogEventLevel.Error)
            .WriteTo.File(
                $"{data}.log",
                outputTemplate: Line,
                formatProvider: CultureInfo.InvariantCulture,
                fileSizeLimitBytes: Most,
                rollOnFileSizeLimit: true,
                retainedFileCountLimit: Files,
                hooks: new Private()
            )
            .CreateLogger();

    private sealed class Private : FileLifecycleHooks
    {
        public override Stream OnFileOpened(string path, Stream underlyingStream, System.Text.Encoding encoding)
        {
            if (!OperatingSystem.IsWindows())
            {
                File.SetUnixFileMode(path, UnixFileMode.UserRead | UnixFileMode.UserWrite);
            }

            return underlyingStream;
        }
    }
}
