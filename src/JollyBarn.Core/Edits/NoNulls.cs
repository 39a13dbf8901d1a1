using System.Collections;
using System.Text.Json;
using System.Text.Json.Serialization.Metadata;
using JollyBarn.Wiring;

namespace JollyBarn.Edits;

/// <summary>Refuses while reading what the reader's own null checks do not look into: a null inside a list, and something left out that has
/// no empty form to take its place.</summary>
public static class NoNulls
{
    /// <summary>For <see cref="JsonTypeInfoResolver.WithAddedModifier"/>.</summary>
    public static void Refused(JsonTypeInfo info)
    {
        ArgumentNullException.ThrowIfNull(info);
        if (info.Kind != JsonTypeInfoKind.Object)
        {
            return;
        }

        var read = info.Properties.Where(p => p.Get is not null && !p.PropertyType.IsValueType).ToList();
        var lists = read.Where(p => p.PropertyType != typeof(string) && typeof(IEnumerable).IsAssignableFrom(p.PropertyType)).ToList();
        var needed = read.Where(p => !p.IsGetNullable).ToList();
        var ids = info.Properties.Where(p => p.Get is not null && IdJson.IsId(p.PropertyType)).ToList();
        if (lists.Count + needed.Count + ids.Count > 0)
        {
            info.OnDeserialized = made =>
            {
                foreach (var one in needed)
                {
                    if (one.Get!(made) is null)
                    {
                        throw new JsonException($"{one.Name} is missing.");
                    }
                }

                foreach (var id in ids)
                {
                    if (id.Get!(made)!.ToString() is null)
                    {
                        throw new JsonException($"{id.Name} is missing.");
                    }
                }

                foreach (var list in lists)
                {
                    if (list.Get!(made) is IEnumerable items && items.Cast<object?>().Any(i => i is null))
                    {
                        throw new JsonException($"A list of {list.Name} holds nothing in one of its places.");
                    }
                }
            };
        }
    }
}
