using System.Text.Json;
using JollyBarn.OpenFile;
using JollyBarn.Store;
using JollyBarn.Telling;

namespace JollyBarn.Web;

/// <summary>The demo job, shipped in the open format beside the program.</summary>
public static class Demo
{
    private static string FilePath => Path.Combine(AppContext.BaseDirectory, "demo", "ferry-keepers-house.json");

    /// <summary>The pictures drawn for it, by the hash of what is left of each without metadata.</summary>
    private static Dictionary<string, byte[]> Pictures() =>
        Directory.Exists(PictureFolder)
            ? Directory
                .EnumerateFiles(PictureFolder, "*.jpg")
                .Select(f => PhotoCheck.Read(File.ReadAllBytes(f)).Photo)
                .OfType<CheckedPhoto>()
                .ToDictionary(p => p.Sha, p => p.Bytes)
            : [];

    private static string PictureFolder => Path.Combine(AppContext.BaseDirectory, "demo", "pictures");

    /// <summary>Puts the demo job into a data file that has no job yet, not even in the bin.</summary>
    /// <exception cref="StoreException">The shipped file does not read, or the store does not take it.</exception>
    public static void Seed(JobStore store)
    {
        ArgumentNullException.ThrowIfNull(store);
        if (!File.Exists(FilePath) || !store.IsEmpty)
        {
            return;
        }

        try
        {
            var file = JobFiles.Shipped(File.ReadAllBytes(FilePath));
            if (store.Import(file.Id, file, Pictures()) is { } refusal)
            {
                throw new StoreException(refusal.Tell().Says);
            }
        }
        catch (JsonException problem)
        {
            throw new StoreException($"The demo job shipped with the program does not read: {problem.Message}", problem);
        }
    }
}
