namespace JollyBrook.Core.Chemistry;

/// <summary>A count as the hand takes it.</summary>
public static class DoseWords
{
    /// <summary>"1 tablet", "11 drops", "7 + 7 drops".</summary>
    public static string Of(ProductForm form, int units) => form switch
    {
        ProductForm.Tablet => units == 1 ? "1 tablet" : $"{units} tablets",
        ProductForm.TwoPartDrops => $"{units} + {units} drops",
        _ => units == 1 ? "1 drop" : $"{units} drops",
    };
}
