namespace JollyBarn.Web;

/// <summary>The words a call may have: <c>--demo</c>, <c>--data PATH</c>, <c>--port N</c>, and <c>--schema</c> to print the JSON Schema of
/// the open file and end, <c>--copies</c> to list the copies of the data file and end, <c>--put-back COPY</c> to put one back and
/// end.</summary>
public sealed record Options(
    bool Demo,
    string Data,
    int Port,
    string? Problem = null,
    bool Schema = false,
    bool Copies = false,
    string? PutBack = null
)
{
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
                            $"\"{args[i]}\" does not read. Use --demo, --data PATH, --port N (0 to 65535), " + "--copies, --put-back COPY.",
                    };
            }
        }

        return options;
    }

    private static string Home() =>
        Path.Combine(
            Environment.GetFolderPath(Environment.SpecialFolder.LocalApplicationData, Environment.SpecialFolderOption.DoNotVerify)
                is { Length: > 0 } data
                ? data
                : ".",
            "jolly-barn"
        );
}
