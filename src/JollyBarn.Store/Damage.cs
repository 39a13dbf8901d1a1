namespace JollyBarn.Store;

/// <summary>What of a data file does not read, as sentences that name the part.</summary>
internal static class Damage
{
    public static StoreException Line(string jobId, long version, Exception? inner = null) =>
        Of($"step {version} of the log of job {jobId} is damaged", inner);

    public static StoreException Gap(string jobId, long version) => Of($"step {version} of the log of job {jobId} is missing", null);

    public static StoreException State(string jobId, Exception? inner = null) => Of($"no saved state of job {jobId} can be read", inner);

    public static StoreException List(string part) => Of($"the {part} is damaged", null);

    public static StoreException Picture(string jobId, string sha) => Of($"picture {sha[..8]} of job {jobId} is damaged", null);

    public static StoreException File(string path, string what, Exception? inner = null) =>
        new($"The data file {path} is damaged or is none of this program: {what}. {Remedy(path)}", inner!);

    /// <summary>The last copy that is whole, and how to put it back.</summary>
    private static string Remedy(string path) =>
        Copies.Newest(path) is { } copy
            ? $"The last good copy is {copy}: put it back with --data {path} --put-back {copy}. Nothing was changed."
            : "There is no copy of it here: put back one of your own. Nothing was changed.";

    private static StoreException Of(string what, Exception? inner) =>
        new($"The data file is damaged: {what}. Put back a copy: --copies lists those there are. Nothing was changed.", inner!);
}
