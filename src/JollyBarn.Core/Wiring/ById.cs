using System.Collections;
using System.Collections.Immutable;
using System.Diagnostics.CodeAnalysis;

namespace JollyBarn.Wiring;

/// <summary>Things kept under their ids, in the order of their ids, so that two equal jobs are written the same way.</summary>
public sealed class ById<T> : IReadOnlyCollection<KeyValuePair<string, T>>
    where T : class
{
    public static readonly ById<T> Empty = new(ImmutableSortedDictionary.Create<string, T>(StringComparer.Ordinal));

    private readonly ImmutableSortedDictionary<string, T> items;

    private ById(ImmutableSortedDictionary<string, T> items) => this.items = items;

    public int Count => items.Count;

    public IEnumerable<string> Ids => items.Keys;

    public IEnumerable<T> Values => items.Values;

    public T this[string id] => items[id];

    public static ById<T> From(IEnumerable<KeyValuePair<string, T>> pairs) => new(Empty.items.SetItems(pairs));

    public T? Find(string? id) => id is not null && items.TryGetValue(id, out var item) ? item : null;

    public bool Has(string? id) => id is not null && items.ContainsKey(id);

    public bool TryFind(string? id, [NotNullWhen(true)] out T? item)
    {
        item = Find(id);
        return item is not null;
    }

    public ById<T> With(string id, T item) => items.TryGetValue(id, out var old) && ReferenceEquals(old, item) ? this : new(items.SetItem(id, item));

    public ById<T> Without(string id) => items.ContainsKey(id) ? new(items.Remove(id)) : this;

    /// <summary>Every item passed through a change; items that come back the same leave the collection as it is.</summary>
    public ById<T> Each(Func<string, T, T?> change)
    {
        var next = items;
        foreach (var (id, item) in items)
        {
            var changed = change(id, item);
            if (!ReferenceEquals(changed, item))
            {
                next = changed is null ? next.Remove(id) : next.SetItem(id, changed);
            }
        }

        return ReferenceEquals(next, items) ? this : new(next);
    }

    public IEnumerator<KeyValuePair<string, T>> GetEnumerator() => items.GetEnumerator();

    IEnumerator IEnumerable.GetEnumerator() => GetEnumerator();
}
