using System.Globalization;

namespace JollyBarn.Store;

/// <summary>The data file taken by this program alone: a lock on a file beside it, which the system lets go of however the program
/// ends.</summary>
public sealed class FileClaim : IDisposable
{
    private static readonly TimeSpan Patience = TimeSpan.FromSeconds(2);
    private static readonly TimeSpan Often = TimeSpan.FromMilliseconds(50);
    private readonly FileStream held;

    private FileClaim(FileStream held) => this.held = held;

    /// <summary>Takes the file, waiting a moment for a program that is just ending.</summary>
    /// <param name="says">Hears whom it waits for.</param>
    /// <exception cref="StoreException">Another program has it.</exception>
    public static FileClaim Take(string path, Action<string> says)
    {
        var beside = Beside(path, "lock");
        var until = DateTime.UtcNow + Patience;
        var told = false;
        while (true)
        {
            try
            {
                return Held(path, new(beside, Options()));
            }
            catch (IOException) when (File.Exists(beside))
            {
                if (DateTime.UtcNow > until)
                {
                    throw new StoreException(
                        $"Jolly Barn has the data file {path} open already (process {Holder(path)}). Use that one, end it, or choose "
                            + "another file with --data."
                    );
                }

                if (!told)
                {
                    says($"Waiting for process {Holder(path)} to let go of {path}.");
                    told = true;
                }

                Thread.Sleep(Often);
            }
        }
    }

    /// <summary>Says who has it. That it cannot be written, on a full disk, is no reason not to have it.</summary>
    private static FileClaim Held(string path, FileStream held)
    {
        try
        {
            File.WriteAllText(Beside(path, "holder"), Environment.ProcessId.ToString(CultureInfo.InvariantCulture));
        }
        catch (IOException)
        {
            // Who waits for it reads "?" then.
        }

        return new(held);
    }

    public void Dispose() => held.Dispose();

    /// <summary>Readable and writable by its owner alone.</summary>
    internal static UnixFileMode Private => UnixFileMode.UserRead | UnixFileMode.UserWrite;

    private static FileStreamOptions Options()
    {
        var options = new FileStreamOptions
        {
            Mode = FileMode.OpenOrCreate,
            Access = FileAccess.ReadWrite,
            Share = FileShare.None,
        };
        if (!OperatingSystem.IsWindows())
        {
            options.UnixCreateMode = Private;
        }

        return options;
    }

    private static string Beside(string path, string what) => $"{path}.{what}";

    /// <summary>Who has it: what is locked cannot be read by others, so that this stands in a file of its own.</summary>
    private static string Holder(string path) =>
        File.Exists(Beside(path, "holder")) && File.ReadAllText(Beside(path, "holder")) is { Length: > 0 } id ? id : "?";
}
