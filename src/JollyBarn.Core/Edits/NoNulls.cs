using System.Collections;
using System.Text.Json;
using System.Text.Json.Serialization.Metadata;

namespace JollyBarn.Edits;

/// <summary>Refuses a null inside a list while reading, which the reader's own null checks do not look into.</summary>
public static class NoNulls
{
    /// <summary>For <see cref="JsonTypeInfoResolver.WithAddedModifier"/>.</summary>
    public static void InLists(JsonTypeInfo info)
    {
        ArgumentNullException.ThrowIfNull(info);
        if (info.Kind != JsonTypeInfoKind.Object)
        {
            return;
        }

        var lists = info.Properties.Where(p => p.PropertyType != typeof(string) && p.Get is not null && typeof(IEnumerable).IsAssignableFrom(p.PropertyType)).ToList();
        if (lists.Count > 0)
        {
            info.OnDeserialized = made =>
            {
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
