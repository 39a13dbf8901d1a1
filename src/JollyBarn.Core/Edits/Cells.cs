using System.Text.Json;
using System.Text.Json.Nodes;
using System.Text.Json.Serialization.Metadata;
using JollyBarn.Wiring;

namespace JollyBarn.Edits;

/// <summary>One place of a job that differs between two states of it, such as <c>boxes/b1/leads/r1.a0/lands</c>.</summary>
/// <param name="Was">What stood there before; null for nothing.</param>
/// <param name="Now">What stands there after; null for nothing.</param>
public sealed record Cell(string Path, JsonElement? Was = null, JsonElement? Now = null)
{
    /// <summary>True when one of the two places lies in the other.</summary>
    public bool Overlaps(Cell other) => Within(Path, other.Path) || Within(other.Path, Path);

    private static bool Within(string inner, string outer) =>
        inner == outer || (inner.StartsWith(outer, StringComparison.Ordinal) && inner[outer.Length] == '/');
}

/// <summary>What differs between two states of a job, down to single properties of single things.</summary>
/// <remarks>States share what did not change, so only touched things are looked into.</remarks>
public static class Cells
{
    /// <summary>Collections inside a thing that are themselves kept by id.</summary>
    private static readonly HashSet<string> Nested =
    [
        "parts",
        "partitions",
        "entries",
        "leads",
        "joints",
        "pigtails",
        "devices",
        "blocks",
        "noted",
        "said",
        "lines",
    ];

    public static IReadOnlyList<Cell> Between(Job before, Job after)
    {
        var cells = new List<Cell>();
        if (ReferenceEquals(before, after))
        {
            return cells;
        }

        Leaf(cells, "name", JsonValue.Create(before.Name), JsonValue.Create(after.Name));
        Leaf(cells, "kind", JsonValue.Create(before.Kind.ToString()), JsonValue.Create(after.Kind.ToString()));
        Leaf(cells, "binned", JsonValue.Create(before.Binned), JsonValue.Create(after.Binned));
        if (!ReferenceEquals(before.Exercise, after.Exercise))
        {
            Leaf(cells, "exercise", ExerciseNode(before), ExerciseNode(after));
        }

        if (!ReferenceEquals(before.Profile, after.Profile))
        {
            Leaf(cells, "profile", Node(before.Profile, JobJson.Default.CodeProfile), Node(after.Profile, JobJson.Default.CodeProfile));
        }

        if (!ReferenceEquals(before.Practice, after.Practice))
        {
            Leaf(
                cells,
                "practice",
                Node(before.Practice, JobJson.Default.HousePractice),
                Node(after.Practice, JobJson.Default.HousePractice)
            );
        }

        foreach (var collection in Collections.All)
        {
            collection.Compare(cells, before, after);
        }

        return cells;
    }

    /// <summary>Puts values at places. A place whose thing is gone is passed over.</summary>
    /// <exception cref="JsonException">A value is not what belongs at its place.</exception>
    public static Job Put(Job job, IEnumerable<(string Path, JsonElement? Value)> values)
    {
        foreach (var (path, value) in values)
        {
            var parts = path.Split('/');
            job = (parts, value) switch
            {
                (["name"], { } v) => job with { Name = v.GetString() ?? job.Name },
                (["kind"], { } v) => job with { Kind = Enum.Parse<JobKind>(v.GetString()!) },
                (["binned"], { } v) => job with { Binned = v.GetBoolean() },
                (["exercise"], _) => job with { Exercise = value?.Deserialize(JobJson.Default.Exercise) },
                (["profile"], { } v) => job with { Profile = v.Deserialize(JobJson.Default.CodeProfile)! },
                (["practice"], { } v) => job with { Practice = v.Deserialize(JobJson.Default.HousePractice)! },
                ({ Length: >= 2 }, _) when Collections.Find(parts[0]) is { } collection => collection.Put(job, parts[1], parts[2..], value),
                _ => throw new JsonException($"{path} is no place in a job."),
            };
        }

        return job;
    }

    /// <summary>What stands at a place now, or null for nothing.</summary>
    public static JsonNode? At(Job job, string path) =>
        path.Split('/') switch
        {
            ["name"] => JsonValue.Create(job.Name),
            ["kind"] => JsonValue.Create(job.Kind.ToString()),
            ["binned"] => JsonValue.Create(job.Binned),
            ["exercise"] => ExerciseNode(job),
            ["profile"] => Node(job.Profile, JobJson.Default.CodeProfile),
            ["practice"] => Node(job.Practice, JobJson.Default.HousePractice),
            [var collection, var id, .. var inside] => inside.Aggregate(Collections.Find(collection)?.At(job, id), (node, step) =>
                (node as JsonObject)?[step]
            ),
            _ => null,
        };

    private static JsonNode? ExerciseNode(Job job) => job.Exercise is { } exercise ? Node(exercise, JobJson.Default.Exercise) : null;

    internal static JsonNode? Node(JsonElement? element) => element is { } given ? JsonNode.Parse(given.GetRawText()) : null;

    internal static JsonNode Node<T>(T item, JsonTypeInfo<T> info) => JsonSerializer.SerializeToNode(item, info)!;

    internal static JsonElement? Element(JsonNode? node)
    {
        if (node is null)
        {
            return null;
        }

        using var document = JsonDocument.Parse(node.ToJsonString());
        return document.RootElement.Clone();
    }

    internal static void Compare(List<Cell> cells, string path, JsonObject before, JsonObject after, bool top)
    {
        foreach (var name in before.Select(p => p.Key).Union(after.Select(p => p.Key)))
        {
            var (was, now) = (before[name], after[name]);
            if (top && Nested.Contains(name) && was is JsonObject wasAll && now is JsonObject nowAll)
            {
                foreach (var id in wasAll.Select(p => p.Key).Union(nowAll.Select(p => p.Key)))
                {
                    if (wasAll[id] is JsonObject one && nowAll[id] is JsonObject other)
                    {
                        Compare(cells, $"{path}/{name}/{id}", one, other, false);
                    }
                    else
                    {
                        Leaf(cells, $"{path}/{name}/{id}", wasAll[id], nowAll[id]);
                    }
                }
            }
            else
            {
                Leaf(cells, $"{path}/{name}", was, now);
            }
        }
    }

    internal static void Leaf(List<Cell> cells, string path, JsonNode? was, JsonNode? now)
    {
        if (!JsonNode.DeepEquals(was, now))
        {
            cells.Add(new Cell(path, Element(was), Element(now)));
        }
    }
}
