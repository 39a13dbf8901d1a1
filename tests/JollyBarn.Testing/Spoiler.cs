using System.Text.Json.Nodes;

namespace JollyBarn.Testing;

/// <summary>Spoils JSON somewhere: something taken out, put in, or exchanged for what does not belong there.</summary>
public static class Spoiler
{
    private static readonly JsonNode?[] Odd =
    [
        null,
        "",
        " ",
        "null",
        -1,
        0,
        1e308,
        9999999999999999999m,
        true,
        "x\u0000y",
        new string('a', 5000),
        new JsonArray(),
        new JsonObject(),
        new JsonArray(1, "2", null),
        "../../etc",
        "Infinity",
        "2 7/8",
        1.5,
    ];

    /// <summary>Walks to some place and removes, replaces or adds there; tells where.</summary>
    public static string Spoil(JsonNode node, Random random)
    {
        while (true)
        {
            var down = node switch
            {
                JsonObject { Count: > 0 } o => o.ElementAt(random.Next(o.Count)).Value,
                JsonArray { Count: > 0 } a => a[random.Next(a.Count)],
                _ => null,
            };
            if (down is JsonObject or JsonArray && random.Next(4) > 0)
            {
                node = down;
                continue;
            }

            var odd = Odd[random.Next(Odd.Length)]?.DeepClone();
            if (node is JsonObject here && here.Count > 0)
            {
                var name = here.ElementAt(random.Next(here.Count)).Key;
                _ = random.Next(3) switch
                {
                    0 => here.Remove(name),
                    1 => here.TryAdd("more" + random.Next(9), odd),
                    _ => Set(here, name, odd),
                };
                return $"{here.GetPath()}.{name}";
            }

            if (node is JsonArray list)
            {
                list.Add(odd);
            }

            return node.GetPath();
        }
    }

    private static bool Set(JsonObject here, string name, JsonNode? odd)
    {
        here[name] = odd;
        return true;
    }
}
