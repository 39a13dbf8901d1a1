using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;

namespace JollyBarn.Testing.Forced;

/// <summary>Requests of every operation, each spoilt somewhere: in its body, its address, its method or what it says it sends. The same
/// seed gives the same ones.</summary>
/// <param name="names">What stands for the names in braces of <see cref="ApiQuestions"/>.</param>
public sealed class BadRequests(IReadOnlyDictionary<string, string> names, int seed)
{
    private static readonly string[] Odd =
    [
        "",
        "-1",
        "1e9",
        "99999999999999999999",
        "Not an id",
        "%01",
        "%F0%9F%92",
        "%2e%2e%2f",
        "null",
        "x'--",
        "<b>",
        new('a', 2500),
        "%E2%80%AE",
        "Nec1999",
    ];

    private static readonly string[] Types =
    [
        "text/plain",
        "application/json; charset=x",
        "application/json; charset=utf-16",
        "nonsense",
        "application/zip",
        "multipart/form-data",
        "application/json;",
        "image/jpeg",
    ];

    private static readonly HttpMethod[] Methods =
    [
        HttpMethod.Get,
        HttpMethod.Post,
        HttpMethod.Put,
        HttpMethod.Patch,
        HttpMethod.Delete,
        new("NONSENSE"),
    ];

    private readonly IReadOnlyList<(string Operation, string Query, string? Body)> questions =
    [
        .. ApiQuestions.All.Where(q => q.Status < 400).Select(q => (q.Operation, q.Query, q.Body)),
        .. ApiQuestions.WithoutJson,
    ];

    private readonly Random random = new(seed);

    /// <summary>The next one, with the operation it was.</summary>
    public (string Operation, HttpRequestMessage Request, string Sent) Next()
    {
        lock (random)
        {
            var (operation, query, body) = questions[random.Next(questions.Count)];
            var (verb, template) = (
                new HttpMethod(operation[..operation.IndexOf(' ')].ToUpperInvariant()),
                operation[(operation.IndexOf(' ') + 1)..]
            );
            if (operation.EndsWith("/bin", StringComparison.Ordinal) || operation.EndsWith("/bring-back", StringComparison.Ordinal))
            {
                template = template.Replace("{job}", QuestionedHouse.Spare, StringComparison.Ordinal);
            }

            var sent = body is null ? null : ApiQuestions.Filled(body, names);
            var type = sent is null ? null : Usual(operation);
            switch (random.Next(sent is null ? 3 : 12))
            {
                case 0:
                    template = Elsewhere(template);
                    break;
                case 1:
                    query = Asked(query);
                    break;
                case 2:
                    verb = Some(Methods);
                    break;
                case 3:
                    type = Some(Types);
                    break;
                default:
                    sent = Spoilt(sent!);
                    break;
            }

            var address = ApiQuestions.Filled(template + query, names);
            var request = new HttpRequestMessage(verb, new Uri(address, UriKind.Relative));
            if (sent is not null && verb != HttpMethod.Get)
            {
                request.Content = new ByteArrayContent(Encoding.UTF8.GetBytes(sent));
                request.Content.Headers.TryAddWithoutValidation("Content-Type", type);
            }

            return (operation, request, $"{verb} {address}\n{sent?[..Math.Min(900, sent.Length)]}");
        }
    }

    /// <summary>What is wrong with an answer to a spoilt request, or null: it is none of the program's faults, and a refusal says why, and
    /// names the field where one is wrong.</summary>
    public static string? WrongWith(int status, string text)
    {
        if (status < 400)
        {
            return null;
        }

        if (status >= 500)
        {
            return $"a fault inside: {text}";
        }

        try
        {
            var problem = JsonNode.Parse(text);
            // A conflict tells whose edit it meets; all others are problems with a sentence.
            return problem?["theirs"] is not null ? null
                : string.IsNullOrWhiteSpace((string?)problem?["detail"]) ? $"no sentence: {text}"
                : status is 400 or 422 && problem["field"] is null && !Nameless((string)problem["detail"]!) ? $"no field: {text}"
                : null;
        }
        catch (JsonException)
        {
            return $"no JSON: {text}";
        }
    }

    /// <summary>Refusals that no field stands for: what is no JSON, or no picture, or no file of this program, and what is not there to
    /// undo.</summary>
    public static bool Nameless(string detail) =>
        Array.Exists(
            [
                "This is not",
                "There is nothing",
                "Nothing to undo",
                "Nothing to redo",
                "The picture",
                "The file",
                "The job was put in the bin",
            ],
            start => detail.StartsWith(start, StringComparison.Ordinal)
        );

    private static string Usual(string operation) =>
        operation.EndsWith("read-lines", StringComparison.Ordinal) ? "text/plain"
        : operation.EndsWith("photos", StringComparison.Ordinal) ? "image/jpeg"
        : "application/json";

    private T Some<T>(IReadOnlyList<T> of) => of[random.Next(of.Count)];

    private string Elsewhere(string template)
    {
        var parts = template.Split('/');
        parts[random.Next(2, parts.Length)] = Some(Odd);
        return string.Join('/', parts);
    }

    private string Asked(string query)
    {
        var names = query.TrimStart('?').Split('&', StringSplitOptions.RemoveEmptyEntries).Select(p => p.Split('=')[0]).ToList();
        return $"?{Some<string>([.. names, "take", "version", "binned", "before", "change", "edition", "odd"])}={Some(Odd)}";
    }

    private string Spoilt(string body)
    {
        switch (random.Next(6))
        {
            case 0:
                return body[..random.Next(body.Length)];
            case 1:
                var depth = random.Next(30, 1000);
                return string.Concat(Enumerable.Repeat("{\"edits\":[", depth)) + string.Concat(Enumerable.Repeat("]}", depth));
            case 2:
                var letters = body.ToCharArray();
                letters[random.Next(letters.Length)] = (char)random.Next(32, 0x2fff);
                return new(letters);
            default:
                if (!body.StartsWith('{'))
                {
                    return body + (char)random.Next(0, 32);
                }

                var changed = JsonNode.Parse(body)!;
                for (var i = random.Next(1, 3); i > 0; i--)
                {
                    _ = Spoiler.Spoil(changed, random);
                }

                return changed.ToJsonString();
        }
    }
}
