namespace JollyBarn.Web;

/// <summary>The words a call may have: <c>--demo</c>, <c>--data PATH</c>, <c>--port N</c>, and <c>--schema</c> to print the JSON Schema of
/// the open file and end, <c>--copies</c> to list the copies of the data file and end, <c>--put-back COPY</c> to put one back and
/// end; <c>--serve</c> to let others in, with <c>--name HOST</c> for names it is reached by, <c>--certificate CHAIN --key KEY</c> for a
/// certificate of one's own, <c>--behind-proxy</c> where another server on this machine speaks HTTPS, and <c>--invite-owner</c> for an
/// invitation to who owns the crew.</summary>
public sealed record Options(
    bool Demo,
    string Data,
    int Port,
    string? Problem = null,
    bool Schema = false,
    bool Copies = false,
    string? PutBack = null,
    bool Serve = false,
    bool Proxied = false,
    bool InviteOwner = false,
    string? Certificate = null,
    string? Key = null
)
{
    /// <summary>Names it is reached by, beside those the machine has.</summary>
    public IReadOnlyList<string> Names { get; init; } = [];

    public const int UsualPort = 5280;

    public static Options Parse(string[] args)
    {
        var options = new Options(false, Path.Combine(Home(), "jolly-barn.db"), UsualPort);
        for (var i = 0; i < args.Length; i++)
        {
            switch (args[i])
            {
                case "--demo":
                    options = options with { Demo = true };
                    break;
                case "--schema":
                    options = options with { Schema = true };
                    break;
                case "--copies":
                    options = options with { Copies = true };
                    break;
                case "--serve":
                    options = options with { Serve = true };
                    break;
                case "--behind-proxy":
                    options = options with { Proxied = true };
                    break;
                case "--invite-owner":
                    options = options with { InviteOwner = true };
                    break;
                case "--name" when i + 1 < args.Length && Uri.CheckHostName(args[i + 1]) != UriHostNameType.Unknown:
                    options = options with { Names = [.. options.Names, args[++i].ToLowerInvariant()] };
                    break;
                case "--certificate" when i + 1 < args.Length:
                    options = options with { Certificate = args[++i] };
                    break;
                case "--key" when i + 1 < args.Length:
                    options = options with { Key = args[++i] };
                    break;
                case "--put-back" when i + 1 < args.Length:
                    options = options with { PutBack = args[++i] };
                    break;
                case "--data" when i + 1 < args.Length:
                    options = options with { Data = args[++i] };
                    break;
                case "--port" when i + 1 < args.Length && int.TryParse(args[i + 1], out var port) && port is >= 0 and <= 65535:
                    options = options with { Port = port };
                    i++;
                    break;
                default:
                    return options with
                    {
                        Problem =
                            $"\"{args[i]}\" does not read. Use --demo, --data PATH, --port N (0 to 65535), --copies, --put-back COPY, "
                            + "--serve, --name HOST, --certificate CHAIN --key KEY, --behind-proxy, --invite-owner.",
                    };
            }
        }

        return options with
        {
            Problem = Together(options),
        };
    }

    /// <summary>Words of a call that do not go together, as a sentence.</summary>
    private static string? Together(Options asked) =>
        !asked.Serve && (asked.Proxied || asked.InviteOwner || asked.Names.Count > 0 || asked.Certificate is not null)
            ? "--name, --certificate, --behind-proxy and --invite-owner go with --serve."
        : asked.Certificate is null != asked.Key is null ? "--certificate and --key go together."
        : asked.Proxied && asked.Certificate is not null ? "Behind a proxy, the proxy has the certificate."
        : asked is { Serve: true, Names.Count: 0 } && (asked.Proxied || asked.Certificate is not null)
            ? "Say with --name what it is reached by."
        : asked.Serve && asked.Certificate is null && !asked.Proxied && asked.Names.FirstOrDefault(n => !Vouched(n)) is { } name
            ? $"A local authority vouches for names that end in .local and for private addresses, not for {name}. "
                + "Give a certificate of your own with --certificate and --key."
        : asked is { Serve: true, Port: > 65533 } ? "--serve takes three ports in a row: choose a lower one."
        : null;

    private static bool Vouched(string name) =>
        System.Net.IPAddress.TryParse(name, out var address) ? Serving.Authority.Vouches(address) : Serving.Authority.Vouches(name);

    private static string Home() =>
        Path.Combine(
            Environment.GetFolderPath(Environment.SpecialFolder.LocalApplicationData, Environment.SpecialFolderOption.DoNotVerify)
                is { Length: > 0 } data
                ? data
                : ".",
            "jolly-barn"
        );
}
