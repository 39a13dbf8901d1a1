namespace JollyBarn.Store;

/// <summary>A list that only grows: one writes at a time, everybody reads without a lock what stood there when they looked.</summary>
internal sealed class Growing<T>
{
    private T[] items = [];
    private int count;

    public int Count => Volatile.Read(ref count);

    public void Add(T item)
    {
        if (count == items.Length)
        {
            var larger = new T[Math.Max(4, 2 * count)];
            Array.Copy(items, larger, count);
            Volatile.Write(ref items, larger);
        }

        items[count] = item;
        Volatile.Write(ref count, count + 1);
    }

    public ArraySegment<T> Read()
    {
        var there = Count;
        return new(Volatile.Read(ref items), 0, there);
    }
}
